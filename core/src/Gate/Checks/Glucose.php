<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate\Checks;

use BuoyantStep\Core\Gate\Arrival;
use BuoyantStep\Core\Gate\Check;
use BuoyantStep\Core\Gate\Finding;
use BuoyantStep\Core\Gate\Source;
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Watched;

/** Glucose, with what is known of ketones and of feeling unwell. */
final class Glucose implements Check
{
    private const RULE = 'gate.glucose';

    public function findings(Arrival $at): iterable
    {
        $glucose = $at->readings->sugar->glucose;
        $finding = $glucose === null ? null : (self::low($glucose, $at) ?? self::high($glucose, $at));
        if ($finding !== null) {
            yield $finding;
        }
    }

    private static function low(float $glucose, Arrival $at): ?Finding
    {
        $lowering = $at->envelope->watch(Watched::Glucose, Moment::Before) !== null;
        $says = self::says($glucose);

        return match (true) {
            $glucose < 3.0 => Finding::notToday(
                self::RULE, $says, 'Treat the low; no session today.', Source::ADA,
            ),
            $lowering && $glucose < 5.0 => Finding::wait(
                self::RULE, $says, '15-30 g of carbohydrate, then test again in 15 minutes.', 15, Source::ADA,
            ),
            $lowering && $glucose <= 5.5 => Finding::lighter(
                self::RULE, $says, 'Carbohydrate first; keep some within reach.',
                Source::ADA.'; bands simplified (house)',
            ),
            $glucose < 3.9 => Finding::wait(
                self::RULE, $says, '15-30 g of carbohydrate, then test again in 15 minutes.', 15, Source::ADA,
            ),
            default => null,
        };
    }

    private static function high(float $glucose, Arrival $at): ?Finding
    {
        $unwell = $at->readings->feeling->unwell;
        $says = self::says($glucose);
        // Ketones are looked for where they come easily: on insulin, and on what lowers glucose besides (house).
        $prone = $at->envelope->watch(Watched::Glucose, Moment::Before) !== null;

        return match (true) {
            $glucose > 13.9 && $unwell === true => Finding::stop(
                self::RULE, $says.' And unwell.', 'Stop. Call the diabetes team or the emergency number.', Source::ADA,
            ),
            $prone && $glucose > 13.9 && $at->readings->sugar->ketones === null => Finding::wait(
                self::RULE, $says.' Ketones not known.', 'Test ketones first.', 10, Source::ADA,
            ),
            $glucose > 16.7 => Finding::lighter(
                self::RULE, $says,
                $unwell === null ? 'Only if they feel well: ask. Then lighter, and drink.' : 'Lighter, and drink.',
                Source::ADA,
            ),
            $glucose > 13.9 && $unwell === null && $at->readings->sugar->ketones === null => Finding::lighter(
                self::RULE, $says, 'Ask whether they feel well: unwell means stop and call. Then lighter.', Source::ADA,
            ),
            default => null,
        };
    }

    private static function says(float $glucose): string
    {
        return sprintf('Glucose %.1f mmol/L.', $glucose);
    }
}
