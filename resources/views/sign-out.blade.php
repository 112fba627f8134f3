@extends('door')
@section('title', 'Sign out')
@section('said')
    <p>This device comes in no more until the passphrase is typed again. What you wrote is kept on the first machine.</p>
    <form method="post" action="/sign-out">
        <input type="hidden" name="_token" value="{{ $token }}">
        <button type="submit">Sign this device out</button>
    </form>
    <a href="/">Stay signed in</a>
@endsection
