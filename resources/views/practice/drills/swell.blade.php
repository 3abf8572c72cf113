<path class="is-filled" d="M12 66C32 66 42 34 64 34S98 66 120 66 154 34 176 34 208 66 228 66V96H12Z"/>
<path class="is-faint" d="M64 34V12M176 34V12"/>
<path class="is-way" d="M70 16H170M80 10L70 16L80 22M160 10L170 16L160 22"/>
