<path class="is-filled" d="M12 92C40 92 52 84 66 66S96 22 116 26 146 70 164 78 196 84 214 50L228 12V92Z"/>
<path class="is-faint" d="M228 8V96M12 92H228"/>
