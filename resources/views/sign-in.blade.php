@extends('plain', ['title' => 'Sign in'])
@section('content')
    <h1>Sign in to All Square</h1>
    @if ($wrong)
        <p class="wrong" id="wrong" role="alert">That is not the passphrase. Ask whoever started this server.</p>
    @endif
    <form method="post" action="/sign-in">
        <label for="passphrase">Passphrase</label>
        <input id="passphrase" name="passphrase" type="password" autocomplete="current-password" required autofocus @if ($wrong) aria-invalid="true" aria-describedby="wrong" @endif>
        <button>Sign in</button>
    </form>
@endsection
