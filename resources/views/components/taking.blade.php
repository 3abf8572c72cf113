{{-- Pictures on their way in. Kinds of files by their endings, since a chooser knows few raw files as pictures. --}}
@props(['words', 'send', 'isGo' => false, 'kinds' => [
    '.3fr', '.arw', '.avif', '.cr2', '.cr3', '.dng', '.erf', '.heic', '.heif', '.hif', '.iiq', '.kdc', '.mef', '.mos', '.mrw', '.nef',
    '.nrw', '.orf', '.pef', '.raf', '.raw', '.rw2', '.rwl', '.srw', '.tif', '.tiff', '.x3f',
]])
<form class="taking" method="post" action="{{ route('photos.take') }}" enctype="multipart/form-data" data-taking
    data-most-bytes="{{ $mostBytes }}" data-what="picture" data-uploads="{{ route('uploads') }}" data-part-bytes="{{ $partBytes }}"
    data-parts="{{ $built->url('parts.js') }}">
    @csrf
    <label @class(['button', 'is-go' => $isGo])>{{ $words }}<input type="file" name="files[]" multiple data-taking-files
            accept="image/*,{{ implode(',', $kinds) }}"></label>
    <button class="button" data-taking-send>{{ $send }}</button>
    {{ $slot }}
    @error('files')<p class="problem">{{ $message }}</p>@enderror
    <div class="taking-on" data-taking-on hidden>
        <b data-taking-count role="status"></b><progress max="1" value="0" hidden aria-label="Pictures taken in"></progress>
        <ul data-taking-list></ul>
    </div>
</form>
