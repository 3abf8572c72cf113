{{-- A bench that cannot be worked out: its fields, and above them what is to be mended. --}}
@props(['messages'])
<div class="title-line"><h1>Mend the bench</h1></div>
<x-problems :messages="$messages" words="The bench could not be worked out. Nothing you typed is lost:"/>
{{ $slot }}
