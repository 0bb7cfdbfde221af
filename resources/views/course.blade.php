<!DOCTYPE html>
<html lang="en">
    <head>
        <meta charset="utf-8">
        <title>Over time</title>
        <style>
            body { font-family: "DejaVu Sans", sans-serif; font-size: 9.5pt; color: #12343b; line-height: 1.35; margin: 10mm; }
            h1 { font-size: 15pt; margin: 0 0 1mm; }
            h2 { font-size: 11pt; margin: 4mm 0 1mm; }
            .panel { page-break-inside: avoid; margin-bottom: 4mm; }
            .small { font-size: 8pt; color: #46626a; }
            td, th { text-align: left; vertical-align: top; padding: 0.8mm 2mm 0.8mm 0; border-bottom: 1px solid #ccc; }
        </style>
    </head>
    <body>
        <h1>{{ $name }}: over time</h1>
        <p class="small">{{ $clinic }}, {{ $today }}. {{ $chosen === '' ? 'All exercises: '.$what : $chosen }}.</p>
        @foreach ($panels as [$panel, $chart])
            <div class="panel">
                <strong>{{ $panel['title'] }}</strong>, {{ $panel['unit'] }}
                <span class="small">({{ $chart['least'] }} to {{ $chart['most'] }}{{ $panel['norm'] === null ? '' : '; dotted line: cut-off '.$panel['norm'] }})</span><br>
                <img src="data:image/svg+xml;base64,{{ base64_encode($chart['svg']) }}" width="520" height="148" alt=""><br>
                <span class="small">{{ $chart['from'] }} to {{ $chart['to'] }}
                    @foreach ($panel['series'] as $series)
                        @if ($series['name'] !== '')
                            · {{ ['dot' => 'filled', 'open' => 'open', 'square' => 'square'][$series['mark']] }}: {{ $series['name'] }}
                        @endif
                        @php($first = $series['points'][0])
                        @php($last = $series['points'][count($series['points']) - 1])
                        · first {{ $first['value'] }}, latest {{ $last['value'] }}
                    @endforeach
                </span>
            </div>
        @endforeach
        @if ($events !== [])
            <h2>On the lines</h2>
            <table width="100%" cellspacing="0">
                @foreach ($events as $event)
                    <tr><td width="22%">{{ $event['label'] }}</td><td>{{ $event['says'] }}</td></tr>
                @endforeach
            </table>
        @endif
    </body>
</html>
