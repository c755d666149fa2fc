@extends('plain', ['title' => $title])
@section('content')
    <h1>{{ $title }}</h1>
    <p>{{ $detail }}</p>
    <a href="/">Back to the shelf</a>
@endsection
