{{-- A place of the manual. --}}
@props(['id', 'title'])
<section class="topic" id="{{ $id }}"><h3>{{ $title }}</h3>{{ $slot }}</section>
