<x-layout title="Bench" here="bench" script="bench">
    @include('bench.page')
    @isset($recipe)<script type="application/json" id="recipe"
        data-of="{{ route('scene') }}?{{ $bench->form->pictureQuery() }}">@json($recipe)</script>@endisset
</x-layout>
