<x-layout title="Too many tries" :inside="false">
    <div class="empty">
        <h1>Too many tries</h1>
        <p>Wait a minute, then try again. Nothing was changed.</p>
    </div>
</x-layout>
