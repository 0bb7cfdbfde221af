<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\ChangeKind;
use BuoyantStep\Core\Vocabulary\Support;
use BuoyantStep\Core\Vocabulary\Tempo;

/**
 * The words of a rung once it is changed: what a change contradicts is said anew. Nobody is told to hover the hands and
 * to hold on, to lie flat and on a wedge, to shut the eyes that stay open.
 */
final readonly class Reworded
{
    /** A hand holds on; "@" is the hold. */
    private const HOLDING = [
        '/^Up tall, let go, thud\.$/' => 'Up tall, then thud.',
        '/^Hover the hands above (the counter|it)\.$/' => 'Hold on lightly, and lift yourself tall.',
        '/\b(?:one )?hands? just above (it|the counter)\b/' => '@ on $1',
        // Support that stays is not taken away step by step.
        '/^Two hands, one hand, one finger, then the hand a finger above the counter\.$/' => '',
        '/^Grabbing( the counter)?\.$/' => 'Leaning hard on the hand.',
        '/^You (grab|need to grab)( the counter)?\.$/' => 'You have to pull on the hand.',
        '/^You grab, or step off\.$/' => 'You have to pull on the hand, or step off.',
        '/^The trunk leans or you grab\.$/' => 'The trunk leans, or you have to pull on the hand.',
        '/\ba counter within reach, hands free\b/' => '@ on a counter',
        '/\bhands free\b/' => '@ holding on',
        '/^Fingertips, no grip\.$/' => 'Hold on lightly.',
        '/\bfingertips of the near hand on it\b/' => 'the near hand holding it',
        '/\bthe fingertips of both hands on it\b/' => 'both hands holding it',
        '/\b(?:your )?fingertips on (it|the counter)\b/' => '@ holding $1',
        '/\bfingertips ready\b/' => '@ holding it',
        '/^(Light fingertips|Fingertips)\b/' => 'A light hold',
        '/\b(light |the )?fingertips\b/' => '@ holding on',
        '/\barms crossed( on the chest)?\b/' => '@ holding on',
    ];

    private const OPEN_EYES = [
        '/^Close the eyes, count to ten\.$/' => 'Look straight ahead, count to ten.',
        '/\beyes (closed|shut)\b/' => 'eyes open',
    ];

    private const RAISED = [
        '/^On the back\b/' => 'On the back, head and trunk raised on a wedge,',
        '/\bon the back\b/' => 'on the back, trunk raised',
    ];

    /** @param  array<string, string>  $anew  pattern to what is said in its place */
    private function __construct(private array $anew)
    {
    }

    /** What is counted on the way down or back. */
    private const COUNTED = '/\b(?<!Elbow )(lower|down|sink|back|return|rise|let it go|sit) for '
        .'(a slow count of )?(two|three|four|five|six)\b/i';

    private const COUNTS = [1 => 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];

    /**
     * @param  list<Change>  $changes
     * @param  string  $tempo  of the dose: what the cues count is what the dose counts; empty where it is free
     */
    public static function by(array $changes, string $tempo = ''): self
    {
        $counts = $tempo === '' ? null : self::COUNTS[Tempo::read($tempo)->lowerS] ?? null;
        $anew = $counts === null ? [] : [self::COUNTED => "\$1 for \$2$counts"];
        foreach ($changes as $change) {
            $anew += match ($change->kind) {
                ChangeKind::HoldOn => self::holding($change->support ?? Support::Fingertip),
                ChangeKind::EyesOpen => self::OPEN_EYES,
                ChangeKind::WedgeTrunk => self::RAISED,
                default => [],
            };
        }

        return new self($anew);
    }

    /** @return array<string, string> */
    private static function holding(Support $support): array
    {
        $hold = match ($support) {
            Support::OneHand => 'one hand',
            Support::TwoHands => 'both hands',
            default => null,
        };

        // Fingertips may still be told not to grab.
        return $hold === null ? [
            '/^Hover the hands above (the counter|it)\.$/' => 'Fingertips on the counter, no more.',
            '/^Up tall, let go, thud\.$/' => 'Up tall, then thud.',
            '/\b(?:one )?hands? just above (it|the counter)\b/' => 'fingertips on $1',
            '/^Two hands, one hand, one finger, then the hand .+\.$/' => 'Two hands, one hand, one finger.',
            '/\bhands free\b/' => 'fingertips on the counter',
            '/\barms crossed( on the chest)?\b/' => 'fingertips on the counter',
        ] : array_map(static fn (string $says): string => str_replace('@', $hold, $says), self::HOLDING);
    }

    public function says(string $line): string
    {
        foreach ($this->anew as $pattern => $says) {
            $line = (string) preg_replace($pattern, $says, $line);
        }

        return str_replace(',,', ',', $line);
    }

    /**
     * @param  list<string>  $lines
     * @return list<string> each once
     */
    public function all(array $lines): array
    {
        return array_values(array_unique(array_map($this->says(...), $lines)));
    }
}
