<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

use BuoyantStep\Core\Errors\InvalidInput;

/** A clinic's own family: a copy of one of the catalogue's, with other words, rungs left out, and other pictures. */
final readonly class OwnFamily
{
    /** Before the code of every clinic's own: it never meets one of the catalogue's. */
    public const PREFIX = 'own_';

    /** Its turn within the pattern, at the earliest: the catalogue's main family of a pattern stays the main one. */
    public const FIRST_DRAFT = 20;

    /**
     * @param  array<string, mixed>  $data  as a file
     * @param  list<string>  $lowered  what it asks less of than its source, rung by rung
     */
    private function __construct(public array $data, public Family $family, public array $lowered)
    {
    }

    /**
     * @param  array<string, mixed>  $data  as a file, with "copied_from"
     *
     * @throws InvalidInput where it does not fit the schema, has no source, or has a rung that its source has not
     */
    public static function read(array $data, Catalogue $catalogue): self
    {
        $from = is_string($data['copied_from'] ?? null) ? $data['copied_from'] : '';
        if (! $catalogue->isStandard($from)) {
            throw InvalidInput::at(
                '/copied_from', 'Name the family of the catalogue that it is a copy of, for example "squat".',
            );
        }
        $family = FamilyFile::read($data);
        if (! str_starts_with($family->code, self::PREFIX)) {
            throw InvalidInput::at('/code', sprintf('A code of your own begins with "%s".', self::PREFIX));
        }
        $source = $catalogue->data($from);
        $sources = array_column(FamilyFile::rungs($source), null, 'code');
        $lowered = [];
        foreach (FamilyFile::rungs($data) as $i => $rung) {
            $code = is_string($rung['code'] ?? null) ? $rung['code'] : '';
            if (! isset($sources[$code])) {
                throw InvalidInput::at("/rungs/$i/code", sprintf(
                    'Each rung is a copy of one of %s, under its code: %s.', $from, implode(', ', array_keys($sources)),
                ));
            }
            foreach (Lowered::of($rung, $sources[$code]) as $what) {
                $lowered[] = sprintf('%s: %s', is_string($rung['name'] ?? null) ? $rung['name'] : $code, $what);
            }
        }
        foreach (['pattern', 'kind'] as $fixed) {
            if (($data[$fixed] ?? null) !== ($source[$fixed] ?? null)) {
                throw InvalidInput::at("/$fixed", "The $fixed stays that of the family it is a copy of.");
            }
        }

        if ($family->draft < self::FIRST_DRAFT) {
            throw InvalidInput::at('/draft', sprintf(
                'Its turn when a plan is drafted comes after the catalogue\'s: %d or more.', self::FIRST_DRAFT,
            ));
        }

        return new self($data, $family, $lowered);
    }
}
