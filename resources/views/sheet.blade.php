<!DOCTYPE html>
<html lang="{{ $locale }}">
<head>
    <meta charset="utf-8">
    <title>{{ $sheet['title'] }}</title>
    <style>
        @page { margin: 16mm 15mm; }
        body { font-family: 'DejaVu Sans', sans-serif; font-size: 12.5pt; line-height: 1.35; color: #000; }
        h1 { font-size: 20pt; margin: 0 0 2pt; }
        h2 { font-size: 15pt; margin: 10pt 0 3pt; border-bottom: 1pt solid #000; page-break-after: avoid; }
        h3 { font-size: 14pt; margin: 10pt 0 2pt; page-break-after: avoid; }
        p { margin: 2pt 0; }
        ul { margin: 2pt 0; padding-left: 16pt; }
        .days { border: 1.6pt solid #000; padding: 3pt 7pt; }
        .small { font-size: 10.5pt; }
        .dose { font-size: 15pt; font-weight: bold; border: 1.2pt solid #000; padding: 3pt 7pt; margin: 3pt 0; }
        .mark { border: 3pt solid #000; padding: 5pt 8pt; margin-bottom: 6pt; }
        .mark strong { font-size: 15pt; }
        .every { position: fixed; top: -12mm; right: 0; font-size: 11pt; font-weight: bold; }
        .figure { float: right; width: 52mm; margin: 0 0 4pt 8pt; }
        .exercise { page-break-inside: avoid; }
        .stop { border: 3pt solid #000; padding: 6pt 8pt; margin-top: 10pt; page-break-inside: avoid; }
        .refer { border: 1.2pt solid #000; padding: 6pt 8pt; margin-top: 6pt; page-break-inside: avoid; }
        table { width: 100%; border-collapse: collapse; page-break-inside: avoid; }
        th, td { border: 0.8pt solid #000; padding: 4pt; text-align: left; font-size: 11pt; }
        .box { display: inline-block; width: 9pt; height: 9pt; border: 1pt solid #000; margin-right: 4pt; }
    </style>
</head>
<body>
@if ($sheet['marks'] !== [])
    <div class="every">{{ implode(' · ', array_column($sheet['marks'], 0)) }}</div>
    @foreach ($sheet['marks'] as [$mark, $says])
        <div class="mark"><strong>{{ $mark }}</strong>: {{ $says }}.</div>
    @endforeach
@endif
<p class="small"><strong>{{ $sheet['clinic']['name'] }}</strong>{{ $sheet['clinic']['address'] ? ', '.$sheet['clinic']['address'] : '' }}{{ $sheet['clinic']['phone'] ? ', '.$sheet['clinic']['phone'] : '' }}</p>
<h1>{{ $sheet['title'] }}</h1>
<p>{{ $sheet['days_says'] }}. <span class="small">{{ $sheet['version_says'] }}{{ $issued ? ', '.$issued : '' }}</span></p>
@foreach ($sheet['easier'] as $line)
    <p><strong>{{ $line }}</strong></p>
@endforeach
@foreach (['before'] as $when)
    @includeWhen($sheet[$when] !== [], 'sheet-lines', ['heading' => $sheet['words'][$when], 'lines' => $sheet[$when]])
@endforeach
@foreach ($sheet['sessions'] as $at => $session)
@php($n = 0)
@if (count($sheet['sessions']) > 1)
    <h2 class="days" @if ($at > 0) style="page-break-before: always" @endif>{{ $session['says'] }}, {{ $session['minutes'] }} min</h2>
@endif
@foreach ($session['parts'] as $part)
    <h2>{{ $part['label'] }}, {{ $part['minutes'] }} min</h2>
    @foreach ($part['says'] as $line)
        <p><strong>{{ $line }}</strong></p>
    @endforeach
    @foreach ($part['part'] === 'activation' ? [] : $part['items'] as $id)
        @php($item = $items[$id])
        @php($n++)
        <div class="exercise">
            <h3>{{ $n }}. {{ $item['name'] }}</h3>
            <p class="dose">{{ $item['dose']['amount'] }}{{ $item['dose']['kind'] === 'reps' ? ' '.$sheet['words']['times'] : '' }}{{ $item['dose']['held'] ? ', '.$item['dose']['held'] : '' }}{{ $item['sides'] ? ', '.$item['sides'] : '' }}{{ $item['dose']['load'] ? ' · '.$item['dose']['load'] : '' }}</p>
            <img class="figure" style="width: {{ $item['picture_mm'] }}mm" src="{{ $item['picture_uri'] }}" alt="">
            <p>{{ $sheet['words']['how_hard'] }}: <strong>{{ $item['hard_says'] }}</strong> ({{ $item['dose']['effort_says'] }}). {{ implode(' ', array_filter([$item['rest_says'], $item['tempo_says'], $item['pause_says']])) }}</p>
            <p><strong>{{ $sheet['words']['set_up'] }}:</strong> {{ $item['set_up'] }} {{ $item['recipe'] }} @if ($item['own_set_up']) <strong>{{ $sheet['words']['for_you'] }}: {{ $item['own_set_up'] }}</strong>@endif</p>
            @if ($item['light_says'] !== '')
                <p><strong>{{ $item['light_says'] }}</strong></p>
            @endif
            @if ($item['changes'] !== [])
                <p><strong>{{ $sheet['words']['for_you'] }}: {{ implode(' ', $item['changes']) }}</strong></p>
            @endif
            @if ($item['note'])
                <p><strong>{{ $item['note'] }}</strong></p>
            @endif
            @if ($item['helper'])
                <p><strong>{{ $item['helper'] }}</strong></p>
            @endif
            @if ($item['picture'])
                <p><strong>{{ $sheet['words']['picture'] }}:</strong> {{ $item['picture'] }}</p>
            @endif
            <ul>
                @foreach ($item['cues'] as $cue)
                    <li>{{ $cue }}</li>
                @endforeach
            </ul>
            @if ($item['target'])
                <p><strong>{{ $sheet['words']['touch'] }}:</strong> {{ $item['target'] }} @if ($item['fade']) <strong>{{ $sheet['words']['later'] }}:</strong> {{ $item['fade'] }}@endif</p>
            @endif
            <p><strong>{{ $sheet['words']['feel'] }}:</strong> {{ $item['feel'] }}</p>
            <p><strong>{{ $sheet['words']['watch_for'] }}:</strong> {{ implode(' ', $item['mistakes']) }}</p>
            <p><strong>{{ $sheet['words']['too_hard'] }}:</strong> {{ $item['too_hard_if'] }} {{ $item['then_do'] }}</p>
            @if ($item['then_ask'] !== '')
                <p><strong>{{ $sheet['words']['too_easy'] }}:</strong> {{ $item['too_easy_if'] }} {{ $item['then_ask'] }}</p>
            @endif
        </div>
    @endforeach
@endforeach
@endforeach
@foreach (['during', 'after'] as $when)
    @includeWhen($sheet[$when] !== [], 'sheet-lines', ['heading' => $sheet['words'][$when], 'lines' => $sheet[$when]])
@endforeach
@include('sheet-lines', ['heading' => $sheet['words']['pain'], 'lines' => [$sheet['pain']]])
@if ($sheet['stop']['signs'] !== [])
    <div class="stop">
        <h3>{{ $sheet['words']['stop'] }}</h3>
        <p><strong>{{ $sheet['stop']['says'] }}:</strong> {{ implode('; ', $sheet['stop']['signs']) }}.</p>
    </div>
@endif
<div class="refer">
    @if ($sheet['refer']['signs'] !== [])
        <h3>{{ $sheet['words']['refer'] }}</h3>
        <p>{{ $sheet['refer']['says'] }}: {{ implode('; ', $sheet['refer']['signs']) }}.</p>
    @endif
    <p>{{ $sheet['words']['clinic'] }}: <strong>{{ $sheet['clinic']['name'] }}</strong> {{ $sheet['clinic']['phone'] ?? '______________________' }}</p>
</div>
@if ($home !== null)
    <h3>{{ $home['title'] }}</h3>
    <p>{{ $home['says'] }}<br>{{ $home['address'] }}</p>
@endif
<h3>{{ $sheet['words']['done'] }}</h3>
<table>
    <tr><td></td>@foreach ($sheet['day_names'] as $day)<th>{{ mb_substr($day, 0, 3) }}</th>@endforeach</tr>
    @foreach ($sheet['items'] as $item)
        <tr>
            <th>{{ $item['name'] }}</th>
            @foreach ($sheet['days'] as $day)
                <td>@if (in_array($day, $item['off_days'], true)) – @else @for ($set = 0; $set < $item['dose']['sets']; $set++)<span class="box"></span>@endfor @endif</td>
            @endforeach
        </tr>
    @endforeach
    <tr><th style="height: 40pt">{{ $sheet['words']['felt'] }}</th>@foreach ($sheet['days'] as $day)<td></td>@endforeach</tr>
</table>
</body>
</html>
