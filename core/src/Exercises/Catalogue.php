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

    /**
     * Families for what someone types: part of a name, a pattern, a muscle, or the gym machine they are used to.
     *
     * @return list<array{family: Family, why: string}> best matches first: machine, name, pattern, muscle
     */
    public function search(string $text): array
    {
        $words = mb_strtolower(trim($text));
        $found = [];
        foreach ($words === '' ? [] : $this->families() as $family) {
            $rank = null;
            $why = '';
            foreach ($family->gymMachines as $machine) {
                if (str_contains($machine, $words) || str_contains($words, $machine)) {
                    [$rank, $why] = [0, 'at home in place of the '.$machine];
                    break;
                }
            }
            if ($rank === null && str_contains(mb_strtolower($family->name), $words)) {
                [$rank, $why] = [1, ''];
            }
            $rung = $rank === null ? $family->rungNamed($words) : null;
            if ($rung !== null) {
                [$rank, $why] = [2, $rung->name];
            } elseif ($rank === null && str_contains($family->pattern->label(), $words)) {
                [$rank, $why] = [3, $family->pattern->label()];
            } elseif ($rank === null && $family->trains($words)) {
                [$rank, $why] = [4, 'trains the '.$words];
            }
            if ($rank !== null) {
                $found[] = ['rank' => $rank, 'family' => $family, 'why' => $why];
            }
        }
        usort($found, static fn (array $a, array $b): int => $a['rank'] <=> $b['rank']);

        return array_map(static fn (array $f): array => ['family' => $f['family'], 'why' => $f['why']], $found);
    }
}
