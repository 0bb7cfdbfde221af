<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate\Checks;

use BuoyantStep\Core\Gate\Arrival;
use BuoyantStep\Core\Gate\Check;
use BuoyantStep\Core\Gate\Finding;
use BuoyantStep\Core\Gate\Source;
use BuoyantStep\Core\Vocabulary\Sign;
use BuoyantStep\Core\Vocabulary\SignKind;

/** Signs and symptoms that the client reports. */
final class Signs implements Check
{
    public function findings(Arrival $at): iterable
    {
        foreach ($at->signs as $sign) {
            yield self::of($sign, $at);
        }
    }

    private static function of(Sign $sign, Arrival $at): Finding
    {
        $says = ucfirst($sign->label()).'.';
        $kind = $sign->kind();

        return match (true) {
            $kind === SignKind::Stop, $kind === SignKind::StopInPregnancy
                && $at->isPregnantOrNewMother() => Finding::stop(
                    'gate.stop_sign', $says,
                    $sign->urgency()->does(),
                    'Red flags, '.Source::ACSM,
                ),
            $kind === SignKind::NotToday => Finding::notToday(
                'gate.severe_low', $says, 'No session today; tell the diabetes team.', Source::ADA,
            ),
            $kind === SignKind::Ease => Finding::lighter(
                'gate.pelvic', $says, 'An easier rung; pelvic-health referral if it lasts.',
                'Goom, Donnelly and Brockwell 2019',
            ),
            default => Finding::lighter('gate.symptom', $says, 'Go lighter, and stop if it grows.'),
        };
    }
}
