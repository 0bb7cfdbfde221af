@extends('home.frame')
@section('page')
{{-- Readable before any script has come; the script then takes its place. --}}
<div id="home" data-words="{{ json_encode(collect(['title', 'shut.link', 'shut.nothing', 'door.open', 'call_clinic', 'back'])->mapWithKeys(static fn (string $k): array => [$k => __('home.'.$k)])->all(), JSON_THROW_ON_ERROR) }}">
    <main class="home-page">
        <h1 class="home-title">{{ __('home.hello', ['name' => $card->name]) }}</h1>
        @if (($card->shut ?? null) !== null)
            <p class="home-alert">{{ __('home.shut.'.$card->shut) }}</p>
            @if ($card->clinic['phone'])
                <p><a class="home-main" href="tel:{{ $card->clinic['phone'] }}">{{ __('home.call_clinic') }}: {{ $card->clinic['phone'] }}</a></p>
            @endif
        @else
            @php
                $day = $card->days[0];
                $session = $card->sessions->{$day->session}->whole;
            @endphp
            <p>
                {{ $day->planned ? __('home.today') : __('home.rest_day') }}
                @if ($day->planned)
                    · {{ __('home.minutes', ['minutes' => $session->minutes]) }}
                @endif
            </p>
            <ol class="home-list">
                @foreach ($session->items as $id => $dose)
                    @php $item = $card->items->{$id}; @endphp
                    <li>
                        <h2>{{ $item->name }}</h2>
                        <p>{{ $dose->amount }}@if ($dose->load), {{ $dose->load }}@endif. {{ __('sheet.how_hard') }}: {{ $dose->effort }}.</p>
                        <p>{{ $item->set_up }}</p>
                    </li>
                @endforeach
            </ol>
            <h2>{{ __('sheet.stop') }}</h2>
            <p>{{ $card->stop->says }}: {{ implode('; ', $card->stop->signs) }}.</p>
        @endif
    </main>
</div>
@vite('resources/js/home.tsx')
@endsection
