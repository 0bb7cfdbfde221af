<?php

declare(strict_types=1);

use BuoyantStep\Core\Client\FunctionPart;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Vocabulary\ConditionTrait;

/*
 * What follows from a condition elsewhere than in its limits: for each consequence the conditions that have it, and
 * all others have it not. Written from what the guidelines and the house conventions say, not from the conditions.
 */

/** @return list<string> codes of all conditions that have it, entered with this detail */
function codesWith(ConditionTrait $trait, array $detail = []): array
{
    $codes = array_map(static fn (ConditionAbout $a): string => $a->code, RuleBook::standard()->conditions());

    return array_values(array_filter($codes, static fn (string $code): bool => Made::envelope(
        [['code' => $code, 'since' => '2026-11-01', 'detail' => $detail]],
    )->is($trait)));
}

const UNDER_THE_KNIFE = [
    'sternotomy', 'shoulder_surgery', 'spinal_surgery', 'abdominal_surgery', 'breast_surgery', 'prostate_surgery',
];

it('follows from these conditions and from no other', function (
    ConditionTrait $trait,
    array $codes,
    array $detail = [],
): void {
    expect(codesWith($trait, $detail))->toEqualCanonicalizing($codes);
})->with([
    // Under a heart, valve, platelet, fistula, lymphedema or surgical cap, a fracture or a metastasis.
    'the lightest load to begin with' => [
        ConditionTrait::LightestStart,
        [
            'coronary_disease',
            'heart_failure',
            'valve_or_aortic_disease',
            'dialysis_fistula',
            'lymphedema',
            'bone_metastasis',
            'platelets_low',
            'fracture_healing',
            ...UNDER_THE_KNIFE,
        ],
    ],
    'a cap that waits for the clinician' => [
        ConditionTrait::CapWaits,
        [
            'coronary_disease',
            'heart_failure',
            'valve_or_aortic_disease',
            'stroke_hemiparesis',
            'bone_metastasis',
            'dialysis_fistula',
        ],
    ],
    'fragile' => [ConditionTrait::Fragile, ['falls_risk_high', 'heart_failure', 'sternotomy']],
    'fragile with a vertebral fracture' => [
        ConditionTrait::Fragile,
        ['falls_risk_high', 'heart_failure', 'sternotomy', 'osteoporosis'],
        ['vertebral_fracture'],
    ],
    'fragile under treatment' => [
        ConditionTrait::Fragile, ['falls_risk_high', 'heart_failure', 'sternotomy', 'cancer'], ['under_treatment'],
    ],
    'a first block' => [
        ConditionTrait::FirstBlock,
        ['older_adult_new', 'coronary_disease', 'heart_failure', 'stroke_hemiparesis', 'cancer'],
    ],
    'no first block once it is done' => [ConditionTrait::FirstBlock, [], ['first_block_done']],
    'a wound, a bone or a joint that heals' => [
        ConditionTrait::Healing,
        [
            'hip_replacement_posterior',
            'hip_replacement_anterior',
            'knee_replacement',
            'fracture_healing',
            ...UNDER_THE_KNIFE,
        ],
    ],
    'wheels' => [
        ConditionTrait::UsesWheels,
        ['spinal_cord_injury_t6_or_above', 'spinal_cord_injury_below_t6', 'wheelchair_user'],
    ],
    'dysreflexia' => [ConditionTrait::Dysreflexia, ['spinal_cord_injury_t6_or_above']],
    'a drop on standing' => [
        ConditionTrait::DropsOnStanding, ['orthostatic_drop', 'autonomic_neuropathy', 'parkinsons'],
    ],
    'water that shows in the weight' => [ConditionTrait::HoldsFluid, ['heart_failure']],
    'a lung disease' => [ConditionTrait::LungDisease, ['chronic_lung_disease']],
    'short of breath' => [ConditionTrait::ShortOfBreath, ['heart_failure', 'chronic_lung_disease']],
    'known pressure' => [ConditionTrait::KnownHypertension, ['hypertension_controlled']],
    'known fibrillation' => [ConditionTrait::KnownAtrialFibrillation, ['atrial_fibrillation']],
    'fragile bone' => [ConditionTrait::FragileBone, ['osteoporosis']],
    'falls' => [ConditionTrait::Falls, ['falls_risk_high']],
    'steps by the clinician alone' => [ConditionTrait::StepsByHand, ['post_exertional_fatigue']],
    'a weak side' => [ConditionTrait::WeakSide, ['stroke_hemiparesis']],
    'a joint that has hurt for long' => [
        ConditionTrait::LongStandingJointPain, ['osteoarthritis_hip', 'osteoarthritis_knee'],
    ],
    // Heart, lungs or pressure.
    'a warm-up that is never left out' => [
        ConditionTrait::NeedsWarmUp,
        [
            'hypertension_controlled',
            'coronary_disease',
            'unstable_heart',
            'atrial_fibrillation',
            'peripheral_artery_disease',
            'heart_failure',
            'device_pacemaker_icd',
            'valve_or_aortic_disease',
            'sternotomy',
            'beta_blocker',
            'anticoagulant',
            'orthostatic_drop',
            'chronic_lung_disease',
        ],
    ],
    'a sore leg' => [
        ConditionTrait::SoreLeg, ['osteoarthritis_hip', 'osteoarthritis_knee', 'pregnancy_pelvic_girdle_pain'],
    ],
    'a sore leg in a flare' => [
        ConditionTrait::SoreLeg,
        ['osteoarthritis_hip', 'osteoarthritis_knee', 'pregnancy_pelvic_girdle_pain', 'rheumatoid_arthritis'], ['legs'],
    ],
    'no sore leg while it does not hurt' => [ConditionTrait::SoreLeg, ['pregnancy_pelvic_girdle_pain'], ['pain_free']],
    'a sore arm' => [ConditionTrait::SoreArm, ['rotator_cuff_pain']],
    'a sore arm in a flare' => [ConditionTrait::SoreArm, ['rotator_cuff_pain', 'rheumatoid_arthritis'], ['arms']],
    'a sore back' => [ConditionTrait::SoreBack, ['low_back_pain', 'spinal_stenosis']],
    'a back that has settled' => [ConditionTrait::SoreBack, ['spinal_stenosis'], ['settled']],
]);

it('asks more of the function where a condition makes it matter', function (string $part, array $codes): void {
    $asking = array_filter(
        RuleBook::standard()->conditions(),
        static fn (ConditionAbout $a): bool => in_array(FunctionPart::from($part), $a->asks, true),
    );
    expect(array_values(array_map(static fn (ConditionAbout $a): string => $a->code, $asking)))->toEqualCanonicalizing(
        $codes,
    );
})->with([
    ['limbs', [
        'stroke_hemiparesis', 'multiple_sclerosis', 'spinal_cord_injury_t6_or_above', 'spinal_cord_injury_below_t6',
        'wheelchair_user', 'limb_loss',
    ]],
    ['trunk', [
        'stroke_hemiparesis', 'multiple_sclerosis', 'spinal_cord_injury_t6_or_above', 'spinal_cord_injury_below_t6',
        'wheelchair_user',
    ]],
    ['bed', [
        'multiple_sclerosis', 'spinal_cord_injury_t6_or_above', 'spinal_cord_injury_below_t6', 'wheelchair_user',
        'fracture_healing',
    ]],
    ['wheelchair', ['spinal_cord_injury_t6_or_above', 'spinal_cord_injury_below_t6', 'wheelchair_user']],
]);

it('is found by the words that a clinic uses', function (string $code, array $words): void {
    $about = array_values(array_filter(
        RuleBook::standard()->conditions(), static fn (ConditionAbout $a): bool => $a->code === $code,
    ))[0];
    expect($about->jsonSerialize()['words'])->toEqualCanonicalizing($words);
})->with([
    ['older_adult_new', ['beginner', 'deconditioned', 'frail']], ['falls_risk_high', ['falls', 'faller', 'unsteady']],
    ['hypertension_controlled', ['HTN', 'high blood pressure']],
    ['coronary_disease', [
        'CHD', 'CAD', 'IHD', 'angina', 'heart attack', 'myocardial infarction', 'MI', 'stent', 'bypass', 'CABG',
    ]],
    ['unstable_heart', ['DVT', 'pulmonary embolism', 'PE', 'endocarditis', 'myocarditis', 'Marfan']],
    ['atrial_fibrillation', ['AF', 'a-fib', 'afib', 'arrhythmia', 'irregular pulse']],
    ['peripheral_artery_disease', ['PAD', 'claudication', 'PVD']],
    ['heart_failure', ['HF', 'CHF', 'HFrEF', 'HFpEF', 'weak heart']],
    ['device_pacemaker_icd', ['PPM', 'pacemaker', 'defibrillator', 'ICD', 'CRT']],
    ['valve_or_aortic_disease', ['aortic stenosis', 'aneurysm', 'AAA', 'valve']],
    ['sternotomy', ['open heart surgery', 'CABG', 'bypass']],
    ['beta_blocker', [
        'beta blocker', 'metoprolol', 'bisoprolol', 'atenolol', 'propranolol', 'carvedilol', 'nebivolol', 'labetalol',
        'sotalol', 'nadolol', 'acebutolol',
    ]],
    ['anticoagulant', [
        'blood thinner', 'DOAC', 'NOAC', 'anticoagulant', 'warfarin', 'phenprocoumon', 'acenocoumarol', 'apixaban',
        'rivaroxaban', 'dabigatran', 'edoxaban', 'heparin', 'enoxaparin', 'dalteparin', 'fondaparinux',
    ]],
    ['orthostatic_drop', ['orthostatic hypotension', 'OH', 'POTS', 'dizzy on standing']],
    ['chronic_lung_disease', [
        'COPD', 'emphysema', 'chronic bronchitis', 'pulmonary fibrosis', 'ILD', 'asthma', 'lungs',
    ]],
    ['diabetes', ['T2D', 'T1D', 'sugar', 'type 2', 'type 1']],
    ['diabetes_glucose_lowering', [
        'T1D', 'sugar', 'hypo', 'insulin', 'sulfonylurea', 'glinide', 'gliclazide', 'glimepiride', 'glibenclamide',
        'glyburide', 'glipizide', 'tolbutamide', 'repaglinide', 'nateglinide',
    ]],
    ['retinopathy_severe', ['eyes', 'PDR']], ['peripheral_neuropathy', ['numb feet', 'diabetic foot', 'PN']],
    ['autonomic_neuropathy', ['CAN']], ['chronic_kidney_disease', ['CKD', 'kidney', 'renal', 'dialysis']],
    ['dialysis_fistula', ['AV fistula', 'dialysis', 'haemodialysis']],
    ['stroke_hemiparesis', ['CVA', 'hemiplegia', 'TIA', 'weak side']], ['parkinsons', ['PD', 'parkinsonism']],
    ['multiple_sclerosis', ['MS']],
    ['spinal_cord_injury_t6_or_above', [
        'SCI', 'tetraplegia', 'quadriplegia', 'high paraplegia', 'autonomic dysreflexia',
    ]],
    ['spinal_cord_injury_below_t6', ['SCI', 'paraplegia']], ['wheelchair_user', ['wheelchair', 'wheels']],
    ['insensate_skin', ['no feeling', 'numb skin', 'pressure sore']], ['epilepsy', ['seizures', 'fits']],
    ['dizziness', ['vertigo', 'BPPV']], ['low_vision', ['AMD', 'macular degeneration', 'blind']],
    ['cognitive_impairment', ['dementia', 'Alzheimer disease', 'MCI', 'memory']], ['glaucoma', ['eye pressure']],
    ['osteoporosis', ['brittle bones', 'fragile bone', 'DXA']], ['osteopenia', ['low bone density', 'DXA']],
    ['osteoarthritis_hip', ['OA', 'arthrosis', 'worn hip']], ['osteoarthritis_knee', ['OA', 'arthrosis', 'worn knee']],
    ['spinal_stenosis', ['stenosis', 'narrow canal']],
    ['rotator_cuff_pain', ['RC', 'impingement', 'frozen shoulder', 'shoulder pain']],
    ['limb_loss', ['amputation', 'amputee', 'BKA', 'AKA']], ['hand_function_none', ['no grip']],
    ['rheumatoid_arthritis', ['RA', 'inflammatory arthritis']],
    ['low_back_pain', ['LBP', 'back ache', 'lumbago', 'sciatica']],
    ['hand_function_weak', ['weak grip', 'carpal tunnel']],
    ['hip_replacement_posterior', ['THR', 'THA', 'new hip']], ['hip_replacement_anterior', ['THR', 'THA', 'new hip']],
    ['knee_replacement', ['TKR', 'TKA', 'new knee']], ['shoulder_surgery', ['cuff repair', 'TSR']],
    ['spinal_surgery', ['laminectomy', 'fusion', 'discectomy']],
    ['abdominal_surgery', ['laparotomy', 'appendix', 'bowel surgery']],
    ['breast_surgery', ['mastectomy', 'lumpectomy']],
    ['prostate_surgery', ['prostatectomy']],
    ['fracture_healing', ['broken bone', 'ORIF']],
    ['cancer', ['oncology', 'chemotherapy', 'tumour']],
    ['lymphedema', ['lymphoedema', 'swollen arm', 'BCRL']],
    ['bone_metastasis', ['bone mets', 'secondary', 'metastases']],
    ['platelets_low', ['thrombocytopenia', 'platelets']],
    ['hernia', ['rupture', 'inguinal']],
    ['ostomy', ['stoma', 'colostomy', 'ileostomy']],
    ['pelvic_organ_prolapse', ['POP', 'prolapse']],
    ['latex_allergy', ['rubber']],
    ['post_exertional_fatigue', ['ME', 'CFS', 'chronic fatigue', 'long COVID', 'PEM']],
    ['other_condition', ['other', 'rare', 'not listed']],
]);
