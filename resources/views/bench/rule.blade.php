@include('bench.strip')
@if ($says->rhythm())
    <p class="rhythm">{{ ucfirst($says->rhythm()->words()) }}. {{ $says->rhythm()->moment($bench->moving->kind) }}</p>
@endif
@foreach ($rules as $rule)
    <x-stop-rule :rule="$rule"/>
@endforeach
