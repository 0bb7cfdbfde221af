<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

use BuoyantStep\Core\Body\HeldLoad;
use BuoyantStep\Core\Body\Limb;
use BuoyantStep\Core\Body\SeatRise;
use BuoyantStep\Core\Body\Segment;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Kit\Ladder;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Reason;

/** Levers are loads: says in words, for this client, how heavy a rung is by itself and what a weight adds to it. */
final class LeverNotes
{
    /** A seat as most firm chairs have it, mm. */
    private const SEAT_MM = 450;

    /**
     * @param  Ladder|null  $ladder  what this home can put on the limb or in the hand
     * @param  int  $stepPct  the largest step allowed, percent
     * @return list<Reason>
     */
    public static function of(Rung $rung, Profile $client, ?Ladder $ladder, int $stepPct): array
    {
        $notes = match ($rung->work->lever?->kind) {
            'limb' => self::limb(
                $rung->work->lever->segment ?? Limb::Leg, $rung->work->lever->inHand, $client, $ladder, $stepPct,
            ),
            'push_up' => self::pushUp($rung->work->lever, $client),
            'seat' => self::seat($rung->work->lever->raisedMm, $client),
            'suitcase' => self::suitcase($client, $ladder),
            'held' => self::held($client, $ladder),
            default => [],
        };

        return array_values([...$notes]);
    }

    /** @return iterable<Reason> */
    private static function limb(Limb $limb, bool $inHand, Profile $client, ?Ladder $ladder, int $stepPct): iterable
    {
        $own = $limb->torque($client->bodyMassKg, $client->heightMm / 1000);
        $says = 'The %s alone, held level, is %s N·m for this client: a load before anything is added.';
        yield self::because('limb.own', sprintf($says, self::name($limb), number_format($own, 1)));
        $weight = $ladder?->lightest();
        if ($weight === null) {
            $adds = self::adds($limb, $client, 500, $inHand);
            yield self::because('limb.half_kg', sprintf(
                'Each %s %s would add %d %%.', Mass::say(500), self::at($limb, $inHand), (int) round($adds),
            ));

            return;
        }
        $adds = (int) round(self::adds($limb, $client, $weight->loadG, $inHand));
        $says = sprintf(
            'The lightest here, %s %s, is +%d %% for this client', Mass::say($weight->loadG), self::at($limb, $inHand),
            $adds,
        );
        yield $adds <= $stepPct
            ? self::because('limb.adds', $says.'.')
            : self::because('limb.big_step', sprintf(
                '%s, more than a step of %d %%: %s.', $says, $stepPct,
                self::smaller($limb, $client, $weight->loadG, $inHand, $stepPct),
            ));
    }

    /** What a weight adds to the limb's own torque, percent. */
    private static function adds(Limb $limb, Profile $client, int $grams, bool $inHand): float
    {
        $height = $client->heightMm / 1000;

        return $limb->addedTorque($height, $grams, $inHand) / $limb->torque($client->bodyMassKg, $height) * 100;
    }

    /** How to keep a weight within a step: nearer to the joint, or less of it. */
    private static function smaller(Limb $limb, Profile $client, int $grams, bool $inHand, int $stepPct): string
    {
        // Above the knee a cuff acts at 0.245 H in place of 0.491 H: half the lever (Winter 2009).
        $closer = self::adds($limb, $client, $grams, false) * Segment::THIGH / Segment::LEG;
        $bring = $limb === Limb::Leg
            ? sprintf('bring it to just above the knee (+%d %%), or ', (int) round($closer))
            : '';
        $perKg = max(1e-9, self::adds($limb, $client, 1000, $inHand));
        $fits = (int) floor($stepPct / $perKg * 1000 / 50) * 50;

        return $bring.($fits > 0 ? 'stay at about '.Mass::say($fits) : 'use the limb alone, with a slower lowering');
    }

    /** @return iterable<Reason> */
    private static function pushUp(Lever $lever, Profile $client): iterable
    {
        $grams = $lever->onHands($client);
        if ($grams === null) {
            return [
                self::because(
                    'push_up.none',
                    'No figure for this slope: heavier than at the wall, lighter than at the sofa arm.',
                    'Ebben 2011, outside the range measured',
                ),
            ];
        }

        return [
            self::because(
                'push_up.share',
                sprintf(
                    'About %d %% of body weight on the hands, %s for this client.',
                    (int) round($grams / $client->bodyMassKg / 10),
                    Mass::say((int) round($grams / 100) * 100),
                ),
                'Ebben 2011',
            ),
        ];
    }

    /** @return iterable<Reason> */
    private static function seat(int $raisedMm, Profile $client): iterable
    {
        $work = SeatRise::work($client->bodyMassKg, $client->heightMm, self::SEAT_MM + $raisedMm);
        $higher = SeatRise::work(
            $client->bodyMassKg, $client->heightMm, self::SEAT_MM + $raisedMm + SeatRise::CUSHION_MM,
        );
        if ($work <= 0) {
            return;
        }

        yield self::because('seat.work', sprintf(
            'One rise from %d mm is %d J, the seat at %d %% of knee height; one more cushion of 50 mm takes off %d %%.',
            self::SEAT_MM + $raisedMm, (int) round($work),
            (int) round(SeatRise::lever($client->heightMm, self::SEAT_MM + $raisedMm) * 100),
            (int) round((1 - $higher / $work) * 100),
        ), 'Alcazar 2018; Winter 2009');
    }

    /** @return iterable<Reason> */
    private static function suitcase(Profile $client, ?Ladder $ladder): iterable
    {
        $grams = $ladder?->lightest()->loadG ?? 1000;

        return [
            self::because(
                'suitcase',
                sprintf(
                    '%s at one side bends the trunk with %s N·m; in both hands, evenly, it does not.',
                    Mass::say($grams),
                    number_format(HeldLoad::sideBending($client->heightMm, $grams), 1),
                ),
            ),
        ];
    }

    /** @return iterable<Reason> */
    private static function held(Profile $client, ?Ladder $ladder): iterable
    {
        $grams = $ladder?->lightest()->loadG ?? 1000;

        yield self::because('held', sprintf(
            '%s held 25 cm from the shoulder adds %s N·m there; at 55 cm it adds %s. With the arm itself, held '
                .'straight out, that is %s: closer is lighter.',
            Mass::say($grams), number_format(HeldLoad::added($grams, 0.25), 1),
            number_format(HeldLoad::added($grams, 0.55), 1),
            number_format(HeldLoad::atShoulder($client->bodyMassKg, $client->heightMm, $grams, 0.55), 1),
        ));
    }

    private static function name(Limb $limb): string
    {
        return match ($limb) {
            Limb::Leg => 'straight leg',
            Limb::Shank => 'lower leg',
            Limb::Arm => 'straight arm',
            Limb::Forearm => 'forearm',
        };
    }

    private static function at(Limb $limb, bool $inHand): string
    {
        return match (true) {
            $inHand => 'in the hand',
            $limb === Limb::Leg || $limb === Limb::Shank => 'at the ankle',
            default => 'at the wrist',
        };
    }

    private static function because(string $rule, string $says, string $source = 'Winter 2009'): Reason
    {
        return new Reason('kit', 'lever.'.$rule, $says, $source);
    }
}
