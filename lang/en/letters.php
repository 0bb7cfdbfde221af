<?php

declare(strict_types=1);

// Letters and notes as they come with the application; a lead may put the clinic's own words in their place. What
// stands in braces is filled from the record (App\Letters\Field); "# " makes a heading, which goes with what is below.

return [
    'note' => <<<'NOTE'
        Progress note, {today}
        {client}

        # Problem
        {problem}
        {wants}
        {clearance}

        # What was done
        {sessions}
        {pain}
        {readings}
        {events}

        # Response
        {tests}
        {response}

        # Decision
        {decisions}

        # Plan
        {programme}
        {next}

        {author}, {clinic}
        NOTE,
    'referrer' => <<<'REFERRER'
        {clinic}
        {today}

        To {recipient}

        About {client}

        Thank you for entrusting this person to us. This is how the resistance exercise at home has gone.

        # On record
        {problem}
        {clearance}

        # What was done
        {sessions}
        {pain}
        {readings}
        {events}

        # What has changed
        {tests}
        {response}

        # How we go on
        {programme}
        {next}

        Please tell us of anything that should change these limits, and of any restriction that we do not know of.

        {author}
        REFERRER,
    'clearance' => <<<'CLEARANCE'
        {clinic}
        {today}

        To {recipient}

        Request for clearance: {client}

        # On record
        {problem}
        {clearance}

        # What we ask
        {asked}

        # What is planned
        {programme}

        Loads come from an easy set with reps in reserve; no maximum is tested.
        Please answer whether this is cleared, with which restrictions on load, positions, effort
        and monitoring, and until when.

        {author}
        CLEARANCE,
    'discharge' => <<<'DISCHARGE'
        Discharge summary, {today}
        {client}

        # On record
        {problem}
        {wants}

        # What was done
        {sessions}
        {events}

        # From first to last
        {tests}
        {response}
        {pain}

        # Home programme to go on with
        {programme}

        # To keep to
        {limits}
        {next}

        {author}, {clinic}
        DISCHARGE,
];
