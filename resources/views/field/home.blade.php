<x-layout title="Bring it home" here="field" script="take">
    <div class="title-line"><h1>Bring it home <small>What was done with a field file, each thing once</small></h1></div>
    @foreach (session('refused') ?? [] as $why)<p class="warn">{{ $why }}</p>@endforeach
    <form method="post" action="{{ route('field.take') }}" enctype="multipart/form-data">
        @csrf
        <p role="status" data-brought></p>
        <label class="note-label" for="f-text">What the phone copied</label>
        <textarea class="textarea" id="f-text" name="text" rows="8" spellcheck="false">{{ old('text') }}</textarea>
        <p>
            <label for="f-journal">or the file that it shared</label>
            <input type="file" id="f-journal" name="file" accept=".json,application/json">
        </p>
        @if ($errors->has('journal'))<p class="problem">{{ $errors->first('journal') }}</p>@endif
        <div class="foot-line"><button class="button is-go" data-take-in>Take it in</button></div>
    </form>
    <p class="hint">
        On the phone it is under Home. Brought twice it is here once; what was deleted here stays deleted. The format is open:
        <a href="{{ route('journal.schema') }}">its schema</a>.
    </p>
</x-layout>
