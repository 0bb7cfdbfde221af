<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Gate;

use BuoyantStep\Core\Errors\UnknownCode;

/** What a client may report before, during or after a session. */
final class Symptoms
{
    /** Always stop and call. */
    public const STOP = [
        'chest_pain' => 'chest pain or pressure', 'faintness' => 'faintness', 'new_breathlessness' => 'new breathlessness', 'breathless_at_rest' => 'breathless at rest', 'new_weakness' => 'new weakness or numbness',
        'sudden_headache' => 'sudden headache', 'calf_swelling' => 'calf swelling', 'fall_with_injury' => 'a fall with injury', 'loss_of_bladder_or_bowel_control' => 'loss of bladder or bowel control',
        'dysreflexia_signs' => 'dysreflexia signs', 'device_shock' => 'a shock from the device', 'red_flag_pain' => 'new pain with a red flag', 'new_bone_pain' => 'new bone pain',
        'vaginal_bleeding' => 'vaginal bleeding', 'fluid_leaking' => 'fluid leaking', 'regular_contractions' => 'regular painful contractions',
    ];

    /** Stop and call in pregnancy; otherwise they make other findings worse. */
    public const STOP_IN_PREGNANCY = ['dizziness' => 'dizziness', 'headache' => 'headache', 'vision_change' => 'vision change'];

    /** Go lighter and tell the clinician. */
    public const EASE = ['doming' => 'doming of the belly', 'pelvic_heaviness' => 'pelvic heaviness', 'leaking' => 'leaking'];

    /** No session today. */
    public const NOT_TODAY = ['severe_low_24h' => 'a low glucose that needed help within a day'];

    /** @return array<string, string> code to words */
    public static function all(): array
    {
        return [...self::STOP, ...self::STOP_IN_PREGNANCY, ...self::EASE, ...self::NOT_TODAY];
    }

    /**
     * @param  list<string>  $symptoms
     *
     * @throws UnknownCode
     */
    public static function assertKnown(array $symptoms, string $pointer): void
    {
        foreach ($symptoms as $i => $symptom) {
            if (! isset(self::all()[$symptom])) {
                throw UnknownCode::of('symptom', $symptom, array_keys(self::all()), "$pointer/$i");
            }
        }
    }
}
