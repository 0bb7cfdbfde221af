<?php

declare(strict_types=1);

namespace App\Editing;

use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\FamilyFile;
use BuoyantStep\Core\Exercises\OwnFamily;

/** Between a family as a file and the form that changes a copy of it. */
final readonly class OwnFamilyForm
{
    private const TEXTS = ['name', 'step', 'set_up', 'too_hard_if', 'too_easy_if', 'feel'];

    private const LISTS = ['cues', 'mistakes'];

    private const DEMANDS = ['impact', 'balance', 'spine_load', 'breath', 'usual_support', 'motions'];

    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @param  array<string, mixed>  $data  as a file
     * @return list<array<string, mixed>> its rungs as the form holds them
     */
    public static function rungs(array $data): array
    {
        return array_map(static function (array $rung): array {
            $demands = is_array($rung['demands'] ?? null) ? $rung['demands'] : [];
            $lines = static fn (mixed $of): string => implode("\n", array_filter((array) $of, is_string(...)));

            return [
                'code' => $rung['code'], 'use' => true,
                ...array_intersect_key($rung, array_flip([...self::TEXTS, 'seconds_per_unit'])),
                'cues' => $lines($rung['cues'] ?? []), 'mistakes' => $lines($rung['mistakes'] ?? []),
                'start_pose' => '', 'end_pose' => '',
                ...array_intersect_key($demands, array_flip(self::DEMANDS)),
            ];
        }, FamilyFile::rungs($data));
    }

    /**
     * @param  array<string, mixed>  $typed  the checked form
     * @param  array<string, mixed>  $base  the file that was copied, or the one that is changed
     * @return array<string, mixed> as a file
     */
    public function file(array $typed, array $base): array
    {
        /** @var array<string, array<string, mixed>> $rungs */
        $rungs = is_array($base['rungs'] ?? null) ? array_column($base['rungs'], null, 'code') : [];
        /** @var list<array<string, mixed>> $rows */
        $rows = $typed['rungs'];
        $kept = [];
        foreach ($rows as $row) {
            $code = is_string($row['code']) ? $row['code'] : '';
            if ($row['use'] && isset($rungs[$code])) {
                $kept[] = $this->rung($row, $rungs[$code]);
            }
        }
        $words = self::lines($typed['words'] ?? '');

        return [
            ...$base, 'name' => $typed['name'], 'purpose' => $typed['purpose'], 'copied_from' => $typed['copied_from'],
            'words' => $words === [] ? [mb_strtolower(is_string($typed['name']) ? $typed['name'] : '')] : $words,
            'gym_machines' => [], 'draft' => OwnFamily::FIRST_DRAFT, 'rungs' => $kept,
        ];
    }

    /** @return list<array{string, string}> poses of the same pattern, by the rung that has them */
    public function poses(Family $like): array
    {
        $poses = [['', 'as it is']];
        foreach ($this->catalogue->families() as $family) {
            $isAlike = $family->pattern === $like->pattern && $family->copiedFrom === null;
            foreach ($isAlike ? $family->rungs : [] as $rung) {
                $at = $family->code.'/'.$rung->code;
                $poses[] = [$at.'/start', $rung->name.', start'];
                if ($rung->figure->end !== null) {
                    $poses[] = [$at.'/end', $rung->name.', end'];
                }
            }
        }

        return $poses;
    }

    /**
     * @param  array<string, mixed>  $row  as it was checked
     * @param  array<string, mixed>  $rung
     * @return array<string, mixed>
     */
    private function rung(array $row, array $rung): array
    {
        foreach (self::TEXTS as $field) {
            $rung[$field] = $row[$field];
        }
        foreach (self::LISTS as $field) {
            $rung[$field] = self::lines($row[$field]);
        }
        $number = static fn (mixed $typed): float => is_numeric($typed) ? (float) $typed : 0.0;
        $rung['seconds_per_unit'] = $number($row['seconds_per_unit']);
        $demands = array_intersect_key($row, array_flip(self::DEMANDS));
        $demands['impact'] = (int) $number($row['impact']);
        $demands['balance'] = (int) $number($row['balance']);
        $rung['demands'] = [...(is_array($rung['demands'] ?? null) ? $rung['demands'] : []), ...$demands];
        foreach (['start' => $row['start_pose'] ?? '', 'end' => $row['end_pose'] ?? ''] as $which => $pose) {
            $found = is_string($pose) ? $this->pose($pose) : null;
            if ($found !== null) {
                $rung['figure'] = [...(is_array($rung['figure'] ?? null) ? $rung['figure'] : []), $which => $found];
            }
        }

        return $rung;
    }

    /** @return array<string, string>|null the pose of another rung, as a file has it */
    private function pose(string $at): ?array
    {
        [$family, $rung, $which] = explode('/', $at) + ['', '', ''];
        if (! $this->catalogue->isStandard($family) || ! $this->catalogue->family($family)->has($rung)) {
            return null;
        }
        $figure = $this->catalogue->family($family)->rung($rung)->figure;
        $pose = $which === 'end' ? $figure->end ?? $figure->start : $figure->start;

        return array_filter(['body' => $pose[0], 'arms' => $pose[1]], static fn (string $v): bool => $v !== '');
    }

    /** @return list<string> */
    private static function lines(mixed $text): array
    {
        $lines = preg_split('/\R|(?<=[.!?]) (?=[A-Z])/', is_string($text) ? trim($text) : '');

        return array_values(array_filter(array_map(trim(...), $lines === false ? [] : $lines)));
    }
}
