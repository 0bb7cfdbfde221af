<!DOCTYPE html>
<html lang="en">
    <head>
        <meta charset="utf-8">
        <title>Request for clearance</title>
        <style>
            body { font-family: "DejaVu Sans", sans-serif; font-size: 11pt; color: #12343b; line-height: 1.4; margin: 12mm; }
            h1 { font-size: 16pt; margin: 0 0 2mm; }
            td, th { text-align: left; vertical-align: top; padding: 1.5mm 3mm 1.5mm 0; border-bottom: 1px solid #ccc; }
            .small { font-size: 8.5pt; color: #46626a; }
            .line { border-bottom: 1px solid #12343b; height: 8mm; }
            .box { display: inline-block; width: 4mm; height: 4mm; border: 1px solid #12343b; margin-right: 2mm; }
        </style>
    </head>
    <body>
        <p>{{ $clinic }} · {{ $today }}</p>
        <h1>Request for clearance to exercise</h1>
        <p><strong>{{ $client->name() }}</strong>, born {{ $born }}</p>
        <p>
            We plan resistance exercise at home, {{ $days }} times a week for {{ $minutes }} minutes, at an effort of up to {{ $effort }} of 10{{ $load < 100 ? ' and up to '.$load.' % of an estimated maximum' : '' }}.
            Loads come from an easy set with reps in reserve; no maximum is tested. Please answer for each of these:
        </p>
        <table width="100%" cellspacing="0">
            @forelse ($asks as $ask)
                <tr>
                    <td width="32%"><strong>{{ $ask['label'] }}</strong></td>
                    <td>{{ $ask['says'] }}<br><span class="small">{{ $ask['source'] }}</span></td>
                    <td width="24%"><span class="box"></span>cleared<br><span class="box"></span>with restrictions<br><span class="box"></span>not cleared</td>
                </tr>
            @empty
                <tr><td>Nothing entered asks for clearance; this letter asks for your view in general.</td></tr>
            @endforelse
        </table>
        <p style="margin-top: 6mm">Restrictions (load, positions, effort, monitoring):</p>
        <div class="line"></div>
        <div class="line"></div>
        <p>Valid until: ______________________ &nbsp; Date: ______________________</p>
        <p>Name and signature: ____________________________________________</p>
        <p class="small">Asked by {{ $by }}, {{ $clinic }}. The treating team's orders and local rules come first.</p>
    </body>
</html>
