<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

/** The sign-ins of the demo, in one place for the seeder, bin/start, the screenshots and the browser tests. */
final class DemoAccounts
{
    public const PASSWORD = 'rising-tide-42';

    /** The gateway token of the demo clinic; the bench page shows it to be typed in, as on a real gateway. */
    public const GATEWAY_TOKEN = 'tidewater-gateway-7319';

    /** Clients of Tidewater Row with a page at home. */
    public const AT_HOME = ['Ilse', 'Bertil', 'Marisol', 'Agnes'];

    public const CLINICIAN = 'r.okonjo@tidewater.example';

    public const LEAD = 'l.maas@tidewater.example';

    public const OTHER_CLINIC = 's.birch@harbour.example';

    /** @return list<array{string, string, string, string}> clinic, name, email, role */
    public static function all(): array
    {
        return [
            ['Tidewater Row', 'R. Okonjo', self::CLINICIAN, 'clinician'],
            ['Tidewater Row', 'L. Maas', self::LEAD, 'lead'],
            ['Harbour Steps', 'S. Birch', self::OTHER_CLINIC, 'clinician'],
        ];
    }
}
