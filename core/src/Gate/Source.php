<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate;

/** Where the figures of more than one check come from. */
final class Source
{
    public const ACSM = 'ACSM Guidelines, 11th ed.';

    public const ADA = 'ADA (Colberg 2016)';

    public const PREGNANCY = 'Mottola 2019 (SOGC/CSEP); ACOG Committee Opinion 804 (2020)';

    public const LUNG = 'ATS/ERS 2013';

    public const PAIN = 'Thomeé 1997, adapted';

    public const HOUSE = 'House convention, cautious';
}
