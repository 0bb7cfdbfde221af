<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

use BuoyantStep\Core\Errors\UnknownCode;
use BuoyantStep\Core\Input\Bag;

/** All exercise families, read from the data files of core/catalogue. */
final class Catalogue
{
    /** @var array<string, self> one reading per folder and process: the files do not change under a running program */
    private static array $read = [];

    /** @var array<string, Family> read so far */
    private array $families = [];

    /** @var list<Family>|null */
    private ?array $ordered = null;

    /**
     * @param  array<string, string>  $files  family code to path; a file is read when its family is first asked for
     * @param  array<string, array<string, mixed>>  $own  a clinic's own, code to the family as a file
     * @param  list<string>  $retired  codes of its own that are no longer offered, but stand in plans
     */
    private function __construct(
        private readonly array $files,
        private readonly array $own = [],
        private readonly array $retired = [],
    ) {
    }

    /**
     * The same with a clinic's own.
     *
     * @param  array<string, array<string, mixed>>  $own  code to the family as a file, read with OwnFamily before
     * @param  list<string>  $retired
     */
    public function with(array $own, array $retired): self
    {
        return $own === [] ? $this : new self($this->files, $own, $retired);
    }

    /** Is this one of the families that come with the product? */
    public function isStandard(string $code): bool
    {
        return isset($this->files[$code]);
    }

    /** What the clinic's own are, in a few letters: other letters for other families. */
    public function mark(): string
    {
        return $this->own === [] ? '' : md5((string) json_encode([$this->own, $this->retired]));
    }

    /**
     * A family as a file.
     *
     * @return array<string, mixed>
     *
     * @throws UnknownCode
     */
    public function data(string $code): array
    {
        $this->family($code);
        /** @var array<string, mixed> $data */
        $data = $this->own[$code] ?? json_decode((string) file_get_contents($this->files[$code]), true);

        return $data;
    }

    public static function standard(): self
    {
        return self::from(dirname(__DIR__, 2).'/catalogue');
    }

    public static function from(string $folder): self
    {
        if (! isset(self::$read[$folder])) {
            $files = [];
            foreach (glob($folder.'/*.json') ?: [] as $file) {
                $files[basename($file, '.json')] = $file;
            }
            self::$read[$folder] = new self($files);
        }

        return self::$read[$folder];
    }

    /** @return list<Family> most important pattern first, each pattern's main family first */
    public function families(): array
    {
        if ($this->ordered === null) {
            $offered = array_diff([...array_keys($this->files), ...array_keys($this->own)], $this->retired);
            $families = array_map(fn (string $code): Family => $this->family($code), array_values($offered));
            usort(
                $families,
                static fn (Family $a, Family $b): int => [
                    $a->pattern->priority(), $a->draft, $a->code,
                ] <=> [$b->pattern->priority(), $b->draft, $b->code],
            );
            $this->ordered = $families;
        }

        return $this->ordered;
    }

    /** @throws UnknownCode */
    public function family(string $code): Family
    {
        if (isset($this->own[$code])) {
            return $this->families[$code] ??= Family::read(new Bag($this->own[$code], '/'.$code));
        }
        if (! isset($this->files[$code])) {
            throw UnknownCode::of('family', $code, array_keys($this->files));
        }
        // The catalogue's own are read once, however many clinics add theirs.
        if ($this->own !== []) {
            return self::standard()->family($code);
        }

        return $this->families[$code] ??= Family::read(
            Bag::decode((string) file_get_contents($this->files[$code]), '/'.$code.'.json'),
        );
    }

    public function has(string $code): bool
    {
        return isset($this->files[$code]) || isset($this->own[$code]);
    }
}
