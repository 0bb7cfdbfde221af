<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

use BuoyantStep\Core\Errors\CoreError;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;

/** A family as a file: the open format of the catalogue, for a clinic's own as well. */
final class FamilyFile
{
    private const BASE = 'https://schema.buoyant-step.invalid/';

    /** A hand or a foot may miss its place by this much of a body height before a picture is no honest one. */
    private const STRAIN = 0.015;

    /**
     * @param  array<array-key, mixed>  $data
     *
     * @throws InvalidInput at the first thing that does not fit the schema, cannot be read or cannot be drawn
     */
    public static function read(array $data): Family
    {
        self::fits($data, 'family.json', '');
        foreach (self::rungs($data) as $i => $rung) {
            self::fits($rung, 'rung.json', "/rungs/$i");
        }
        try {
            $family = Family::read(new Bag($data));
            foreach ($family->rungs as $rung) {
                if ($rung->figure->draw()->strain() >= self::STRAIN) {
                    throw InvalidInput::at('/rungs', sprintf('The picture of "%s" stretches a limb.', $rung->name));
                }
            }
        } catch (CoreError $error) {
            throw InvalidInput::at($error->pointer, $error->getMessage());
        }

        return $family;
    }

    /**
     * Each rung with what its family shares laid under it.
     *
     * @param  array<array-key, mixed>  $data
     * @return list<array<string, mixed>>
     */
    public static function rungs(array $data): array
    {
        $map = static fn (mixed $of): array => is_array($of) ? $of : [];
        $shared = $map($data['shared'] ?? null);
        $whole = [];
        foreach ($map($data['rungs'] ?? null) as $rung) {
            /** @var array<string, mixed> $one */
            $one = [
                ...$shared, ...$map($rung),
                'demands' => [...$map($shared['demands'] ?? null), ...$map($map($rung)['demands'] ?? null)],
            ];
            $whole[] = $one;
        }

        return $whole;
    }

    /** @param  array<array-key, mixed>  $data */
    private static function fits(array $data, string $schema, string $at): void
    {
        $validator = new Validator;
        $validator->setMaxErrors(1);
        $validator->resolver()?->registerPrefix(self::BASE, dirname(__DIR__, 2).'/schema');
        $error = $validator->validate(Helper::toJSON($data), self::BASE.$schema)->error();
        if ($error !== null) {
            $told = (new ErrorFormatter)->format($error, false);
            $pointer = (string) array_key_first($told);
            $says = is_string($told[$pointer] ?? null) ? $told[$pointer] : 'does not fit';

            $where = $at.($pointer === '/' ? '' : $pointer);

            throw InvalidInput::at($where, sprintf('%s: %s.', trim($where, '/'), $says));
        }
    }
}
