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

    /** @param  array<string, string>  $files  family code to path; a file is read when its family is first asked for */
    private function __construct(private readonly array $files)
    {
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
            $families = array_map(fn (string $code): Family => $this->family($code), array_keys($this->files));
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
        if (! isset($this->files[$code])) {
            throw UnknownCode::of('family', $code, array_keys($this->files));
        }

        return $this->families[$code] ??= Family::read(
            Bag::decode((string) file_get_contents($this->files[$code]), '/'.$code.'.json'),
        );
    }

    public function has(string $code): bool
    {
        return isset($this->files[$code]);
    }
}
