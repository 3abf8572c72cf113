<path d="M40 26H150M40 52H190M40 78H120"/><text x="12" y="32">2</text><text x="12" y="58">1</text><text x="12" y="84">3</text><path class="is-way" d="M206 30v44M199 64l7 10 7-10M199 40l7-10 7 10"/>
