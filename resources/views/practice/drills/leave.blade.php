<path class="is-faint" d="M12 40H228"/><path d="M12 88C70 88 96 76 124 52S190 18 228 18"/><path class="is-way" d="M106 96V14"/>
