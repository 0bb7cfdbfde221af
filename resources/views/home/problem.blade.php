@extends('home.frame')
@section('page')
<main class="home-page">
    <h1 class="home-title">{{ $status === 429 ? __('home.door.wait', ['minutes' => 1]) : __('home.door.unknown') }}</h1>
    <p><a class="home-second" href="/home">{{ __('home.back') }}</a></p>
</main>
@endsection
