<x-layout title="Bench" here="bench">
    @include('bench.page')
</x-layout>
