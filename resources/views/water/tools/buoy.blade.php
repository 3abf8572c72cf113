@if ($read === null)
    <x-entry name="at" type="datetime-local" label="For (UTC)"
        class="is-wide" :value="old('at', request('at', now()->utc()->format('Y-m-d\TH:i')))" :problem="$at('at')"
        hint="The row nearest to it is picked"/>
    <label for="f-files" class="note-label">Text files of observations: buoys' columns, or CSV with named columns</label>
    <input type="file" id="f-files" name="files[]" multiple class="input is-file"
        @if ($at('files')) aria-invalid="true" aria-describedby="f-files-problem" @endif>
    @if ($at('files') || $at('files.0'))<p class="problem" id="f-files-problem" role="alert">{{ $at('files') ?? $at('files.0') }}</p>@endif
    <label for="f-text" class="note-label">or the text itself</label>
    <textarea class="textarea" id="f-text" name="text" rows="5" spellcheck="false">{{ old('text') }}</textarea>
    @if ($at('text'))<p class="problem">{{ $at('text') }}</p>@endif
    <div class="foot-line">
        <button class="button is-go">Read it</button> <button class="button" name="feed" value="buoy">Read the simulated buoy</button>
    </div>
    <p class="hint">The simulated buoy is made up: it stands in for a feed you have not connected.</p>
@else
    @php($near = $read->nearest)
    @if ($near === null)
        <p class="said is-problem" role="alert">No row could be used. What is wrong with each stands below.</p>
    @else
        <p class="running">
            {{ $near->periodS() === null ? '–' : number_format($near->periodS(), 1) }} s
            <small>{{ $near->significantHeightM === null ? '' : $write->metres($near->significantHeightM) }}</small>
        </p>
        <p class="hint">
            {{ gmdate('j M Y, H:i', (int) $near->unix) }} UTC, the nearest of {{ number_format($read->count) }} to
            {{ $read->at->format('j M, H:i') }} · {{ $read->source }}
        </p>
        <div class="board-scroll">
            <table class="observations">
                <thead><tr><th>UTC</th><th>height</th><th>period</th><th>from</th><th>wind</th></tr></thead>
                <tbody>
                    @foreach ($read->rows as $row)
                        <tr @class(['is-near' => $row === $near])>
                            <th scope="row">{{ gmdate('j M H:i', (int) $row->unix) }}</th>
                            <td>{{ $row->significantHeightM === null ? '–' : $write->metres($row->significantHeightM) }}</td>
                            <td>{{ $row->periodS() === null ? '–' : number_format($row->periodS(), 1).' s' }}</td>
                            <td>{{ $row->fromDeg === null ? '–' : round($row->fromDeg).'°' }}</td>
                            <td>{{ $row->windMS === null ? '–' : $write->units()->wind($row->windMS) }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
        <x-entry name="period_s" label="Period" unit="s" :value="$near->periodS() === null ? '' : $write->number($near->periodS(), 1)"
            inputmode="decimal"/>
        <x-entry name="height_m" label="Significant height" unit="m"
            :value="$near->significantHeightM === null ? '' : $write->number($near->significantHeightM, 2)" inputmode="decimal"/>
        <x-entry name="wind_m_s" label="Wind" unit="wind" :value="$near->windMS === null ? '' : $write->number($near->windMS, 1)"
            inputmode="decimal"/>
        <input type="hidden" name="source" value="{{ $read->source }}">
        <input type="hidden" name="observed_at" value="{{ gmdate('Y-m-d H:i:s', (int) $near->unix) }}">
    @endif
    @if ($read->bad !== [])
        <section class="bad-lines" aria-label="Lines that could not be read">
            <h2>{{ count($read->bad) }} {{ count($read->bad) === 1 ? 'line' : 'lines' }} left out</h2>
            <ul>
                @foreach (array_slice($read->bad, 0, 40) as $bad)
                    <li><b>{{ $bad['file'] }}, line {{ $bad['line'] }}</b> {{ $bad['reason'] }} <code>{{ $bad['text'] }}</code></li>
                @endforeach
            </ul>
            @if (count($read->bad) > 40)<p class="hint">and {{ count($read->bad) - 40 }} more</p>@endif
        </section>
    @endif
@endif
