@extends('home.frame')
@section('page')
<main class="home-page">
    <h1 class="home-title">{{ __('home.door.title') }}</h1>
    <p>{{ __('home.door.helper') }}</p>
    <form method="post" action="/home/door" class="home-form">
        @foreach (['code', 'pin'] as $field)
            <label class="home-label">
                <span>{{ __('home.door.'.$field) }}</span>
                @if ($field === 'pin')
                    <span id="pin-hint" class="home-hint">{{ __('home.door.pin_hint') }}</span>
                @endif
                <input class="home-input" name="{{ $field }}" required maxlength="60" autocapitalize="characters"
                    autocomplete="off" spellcheck="false" value="{{ $field === 'code' ? $code : '' }}"
                    @if ($field === 'pin') aria-describedby="pin-hint" @endif
                    @if ($field === 'pin' && $code !== '') autofocus @endif
                    @if (isset($problems[$field])) aria-invalid="true" @endif>
            </label>
            @foreach ((array) ($problems[$field] ?? []) as $says)
                <p role="alert" class="home-alert">{{ $says }}</p>
            @endforeach
        @endforeach
        <button class="home-main">{{ __('home.door.open') }}</button>
    </form>
</main>
@endsection
