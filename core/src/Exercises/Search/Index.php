<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises\Search;

use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\Muscle;
use BuoyantStep\Core\Exercises\Purpose;
use BuoyantStep\Core\Exercises\Rung;

/** All by which an exercise may be asked for, made once from the catalogue; plain enough to be kept in a cache. */
final class Index
{
    /**
     * One way to say something, its words with a blank between, and all that it leads to, each written
     * "family:rung:kind:label:share". Written small, since a page reads all of it and needs a few.
     *
     * @var array<string, string>
     */
    public array $phrases = [];

    /** @var array<string, list<string>> word to the phrases it stands in */
    public array $byWord = [];

    /** @var array<int, string> */
    private array $labels = [];

    /** @var array<string, int> where each label stands; only while it is made */
    private array $places = [];

    /** @var list<array{code: string, name: string, pattern: string, rungs: list<string>}> */
    public array $families = [];

    private function __construct()
    {
    }

    public static function of(Catalogue $catalogue): self
    {
        $index = new self;
        foreach ($catalogue->families() as $at => $family) {
            $index->families[] = [
                'code' => $family->code, 'name' => $family->name, 'pattern' => $family->pattern->label(),
                'rungs' => array_column($family->rungs, 'code'),
            ];
            $index->family($family, $at);
            foreach ($family->rungs as $n => $rung) {
                $index->rung($rung, $at, $n, count($family->rungs));
            }
        }
        $index->places = [];

        return $index;
    }

    private function family(Family $family, int $at): void
    {
        $this->put($family->name, $at, -1, Kind::Name, '');
        foreach ($family->words as $word) {
            $this->put($word, $at, -1, Kind::Word, $word);
        }
        foreach ($family->gymMachines as $machine) {
            $this->put($machine, $at, -1, Kind::Machine, $machine);
        }
        foreach ($family->pattern->words() as $word) {
            // A pattern's main family answers for it.
            $this->put($word, $at, -1, Kind::Pattern, $family->pattern->label(), $family->draft === 1 ? 1.0 : 0.9);
        }
        foreach ($family->serves as $n => $purpose) {
            $this->purpose($purpose, $at, 1 - 0.05 * $n);
        }
        $this->put($family->purpose, $at, -1, Kind::About, '');
    }

    /** @param  float  $share  what it serves first counts for more */
    private function purpose(Purpose $purpose, int $at, float $share): void
    {
        foreach ([$purpose->label(), ...$purpose->words()] as $word) {
            $this->put($word, $at, -1, Kind::Purpose, $purpose->label(), $share);
        }
    }

    private function rung(Rung $rung, int $at, int $n, int $of): void
    {
        $this->put($rung->name, $at, $n, Kind::Name, $rung->name);
        foreach ($rung->words as $word) {
            $this->put($word, $at, $n, Kind::Word, $rung->name);
        }
        foreach ($rung->teaching->muscles as $k => $muscle) {
            $this->muscle($muscle, $at, $k);
        }
        foreach ($rung->setUp->equipment as $thing) {
            foreach ($thing->words() as $word) {
                $this->put($word, $at, $n, Kind::Thing, $thing->label(), 1 / (1 + 0.02 * $of));
            }
        }
        $holding = $rung->work->holding;
        foreach ($holding?->words() ?? [] as $word) {
            $this->put($word, $at, $n, Kind::Thing, (string) $holding?->label());
        }
    }

    /** @param  int  $k  its place in the list: what is trained first counts for more */
    private function muscle(Muscle $muscle, int $at, int $k): void
    {
        foreach ([$muscle->value, ...$muscle->words()] as $word) {
            $this->put($word, $at, -1, Kind::Muscle, $muscle->value, 1 - 0.12 * min($k, 4));
        }
    }

    private function put(string $text, int $family, int $rung, Kind $kind, string $label, float $share = 1.0): void
    {
        $words = Words::telling(Words::of($text));
        $key = implode(' ', $words);
        if ($key === '') {
            return;
        }
        if (! isset($this->phrases[$key])) {
            $this->phrases[$key] = '';
            foreach (array_unique($words) as $word) {
                $this->byWord[$word][] = $key;
            }
        }
        $lead = sprintf('%d:%d:%d:', $family, $rung, $kind->value);
        if (! str_contains(';'.$this->phrases[$key], ';'.$lead)) {
            $place = $this->places[$label] ??= count($this->labels);
            $this->labels[$place] = $label;
            $this->phrases[$key] .= sprintf('%s%d:%d;', $lead, $place, round(100 * $share));
        }
    }

    /** @return list<Lead> what a phrase leads to */
    public function leads(string $phrase): array
    {
        return array_map(function (string $lead): Lead {
            [$family, $rung, $kind, $label, $share] = array_map(intval(...), explode(':', $lead));

            return new Lead($family, $rung, Kind::from($kind), $this->labels[$label], $share / 100);
        }, explode(';', rtrim($this->phrases[$phrase], ';')));
    }
}
