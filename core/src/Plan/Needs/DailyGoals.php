<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan\Needs;

use BuoyantStep\Core\Exercises\Pattern;
use BuoyantStep\Core\Exercises\Purpose;
use BuoyantStep\Core\Exercises\Search\Words;

/**
 * Goals of daily life and the patterns that bring a client there, the one that does most first. House order after the
 * clinician's practice: training is specific to the task (ACSM 2009).
 */
final class DailyGoals
{
    /** @var array<string, string>|null one reading a process: the words do not change under a running program */
    private static ?array $phrases = null;

    private const SOURCE = 'ACSM 2009 (specificity); order by house convention';

    /** @return list<Purpose> what may be chosen as a goal */
    public static function all(): array
    {
        return array_values(array_filter(
            Purpose::cases(), static fn (Purpose $p): bool => self::patterns($p) !== [],
        ));
    }

    public static function need(Purpose $goal): Need
    {
        $slots = array_map(static fn (Pattern $p): Slot => new Slot($p, $goal), self::patterns($goal));
        assert($slots !== []);

        return new Need(
            NeedKind::Goal, $goal->value, ucfirst($goal->label()), 'to '.$goal->label(), $slots, self::SOURCE,
        );
    }

    /** @return list<Pattern> empty for what is a part of every session, or a matter of the screen, not a goal */
    private static function patterns(Purpose $goal): array
    {
        return match ($goal) {
            Purpose::Chair => [Pattern::Rise, Pattern::Push, Pattern::Power, Pattern::Hip, Pattern::Knee],
            Purpose::Bed => [Pattern::Trunk, Pattern::Hip, Pattern::Push, Pattern::Rise],
            Purpose::Bath => [Pattern::Rise, Pattern::Floor, Pattern::Push, Pattern::Balance],
            Purpose::Stairs => [Pattern::Rise, Pattern::Calf, Pattern::Hip, Pattern::Knee],
            Purpose::OffFloor => [Pattern::Floor, Pattern::Rise, Pattern::Push, Pattern::Trunk],
            Purpose::Walk => [Pattern::Hip, Pattern::Calf, Pattern::Balance, Pattern::Rise],
            Purpose::CatchFall => [Pattern::Balance, Pattern::Calf, Pattern::Hip, Pattern::Power],
            Purpose::Shopping => [Pattern::Carry, Pattern::Hinge, Pattern::Grip, Pattern::Pull],
            Purpose::LiftFloor => [Pattern::Hinge, Pattern::Trunk, Pattern::Rise],
            Purpose::Child => [Pattern::Hinge, Pattern::Carry, Pattern::Rise, Pattern::Arm],
            Purpose::Shelf => [Pattern::Overhead, Pattern::Calf, Pattern::Pull],
            Purpose::Housework => [Pattern::Carry, Pattern::Overhead, Pattern::Balance, Pattern::Trunk],
            Purpose::Garden => [Pattern::Hinge, Pattern::Rise, Pattern::Carry, Pattern::Floor],
            Purpose::Open => [Pattern::Grip, Pattern::Arm],
            Purpose::Feed => [Pattern::Arm, Pattern::Grip, Pattern::Overhead],
            Purpose::Write => [Pattern::Grip, Pattern::Arm],
            Purpose::Dress => [Pattern::Overhead, Pattern::Grip, Pattern::Balance, Pattern::Pull],
            Purpose::Posture => [Pattern::Pull, Pattern::Trunk, Pattern::Hip],
            Purpose::Propel => [Pattern::Pull, Pattern::Push, Pattern::Hinge, Pattern::Trunk],
            Purpose::Transfer => [Pattern::Push, Pattern::Pull, Pattern::Arm, Pattern::Trunk],
            Purpose::Door => [Pattern::Push, Pattern::Pull, Pattern::Trunk],
            Purpose::Run => [Pattern::Power, Pattern::Calf, Pattern::Hip],
            Purpose::AfterBirth, Purpose::WarmUp, Purpose::CoolDown => [],
        };
    }

    /**
     * The longest phrase that is found takes its words: who pushes a chair does not ask to rise from one.
     *
     * @return list<Purpose> the goals that a free text speaks of, the one it names first in front
     */
    public static function in(string $text): array
    {
        if (trim($text) === '') {
            return [];
        }
        $typed = ' '.implode(' ', Words::telling(Words::of($text))).' ';
        $at = [];
        self::$phrases ??= self::phrases();
        foreach (self::$phrases as $phrase => $goal) {
            $found = strpos($typed, ' '.$phrase.' ');
            if ($found !== false) {
                $at[$goal] = min($at[$goal] ?? PHP_INT_MAX, $found);
                $typed = substr_replace($typed, str_repeat('_', strlen($phrase)), $found + 1, strlen($phrase));
            }
        }
        asort($at);

        return array_map(Purpose::from(...), array_keys($at));
    }

    /** @return array<string, string> words in their stems to the goal they speak of, the longest first */
    private static function phrases(): array
    {
        $phrases = [];
        foreach (self::all() as $goal) {
            foreach ([$goal->label(), ...$goal->words(), ...self::more($goal)] as $phrase) {
                $phrases[implode(' ', Words::telling(Words::of($phrase)))] ??= $goal->value;
            }
        }
        uksort($phrases, static fn (string $a, string $b): int => [strlen($b), $a] <=> [strlen($a), $b]);

        return $phrases;
    }

    /** @return list<string> how it is said in a sentence, beside the words that exercises are found by */
    private static function more(Purpose $goal): array
    {
        return match ($goal) {
            Purpose::Chair => ['stand long enough', 'stand longer', 'on my feet'],
            Purpose::Stairs => ['banister', 'upstairs', 'staircase'],
            Purpose::OffFloor => ['kneel', 'kneeling'],
            Purpose::Walk => ['walk', 'walks'],
            Purpose::CatchFall => ['balance', 'fall'],
            Purpose::Shopping => ['shop', 'supermarket', 'bag'],
            Purpose::LiftFloor => ['lift boxes', 'bend'],
            Purpose::Child => [
                'lift toddler', 'lift child', 'lift baby', 'lift grandchild', 'grandchildren', 'grandson',
                'granddaughter', 'babies', 'children', 'son', 'daughter',
            ],
            Purpose::Shelf => ['reach up', 'shelves', 'cupboards'],
            Purpose::Housework => ['cook', 'clean', 'hoover', 'house'],
            Purpose::Run => ['run', 'jump', 'dance', 'race'],
            Purpose::Propel => ['push my chair', 'push my wheelchair'],
            Purpose::Open => ['jars', 'taps'],
            Purpose::Feed => ['cup across', 'eat', 'drink'],
            default => [],
        };
    }
}
