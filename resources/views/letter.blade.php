<!DOCTYPE html>
<html lang="en">
    <head>
        <meta charset="utf-8">
        <title>Letter</title>
        <style>
            body { font-family: "DejaVu Sans", sans-serif; font-size: 10.5pt; color: #12343b; line-height: 1.45; margin: 14mm; }
            h2 { font-size: 11.5pt; margin: 4mm 0 1mm; }
            p { margin: 0 0 2.5mm; }
            .draft { border: 2px solid #12343b; padding: 1mm 3mm; font-weight: bold; display: inline-block; }
        </style>
    </head>
    <body>
        @if ($draft)
            <p class="draft">DRAFT: not sent</p>
        @endif
        @foreach (preg_split('/\n{2,}/', $body) as $paragraph)
            @php($lines = explode("\n", $paragraph))
            @if (str_starts_with($lines[0], '# '))
                <h2>{{ substr(array_shift($lines), 2) }}</h2>
            @endif
            @if ($lines !== [])
                <p>@foreach ($lines as $line){{ $line }}@if (! $loop->last)<br>@endif @endforeach</p>
            @endif
        @endforeach
    </body>
</html>
