@extends('door')
@section('title', 'Sign in')
@section('said')
    @if ($trouble !== '')
        <p class="trouble" role="alert">{{ $trouble }}</p>
    @endif
    <form method="post" action="/sign-in">
        <input type="hidden" name="_token" value="{{ $token }}">
        <label for="word">The household’s passphrase, or the six digits</label>
        <input id="word" name="word" type="password" autocomplete="current-password" maxlength="200" required autofocus>
        <label for="device">What to call this device</label>
        <input id="device" name="device" maxlength="60" placeholder="the kitchen phone">
        <button type="submit">Come in</button>
    </form>
@endsection
