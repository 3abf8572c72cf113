{{-- Whose forecast stands under the board and how old it is, and where one gives another. --}}
@php($problem = $errors->getBag('forecast')->first())
<details class="more forecast" @if ($problem !== '') open @endif>
    <summary>
        @if ($forecast)<span
            @class(['warn' => $forecast->isOld()])>Weather by {{ $forecast->words() }}</span>@else Give it a forecast @endif
    </summary>
    <form method="post" action="{{ route('forecast.update', $place) }}" enctype="multipart/form-data">
        @csrf @method('put')
        <label for="f-forecast_text" class="note-label">Paste an ocean or weather model’s text, or CSV with time and any of cloud_low,
            cloud_mid, cloud_high, rain_mm, wind_m_s, wind_from_deg, air_c, dew_point_c, significant_height_m, peak_period_s</label>
        <textarea class="textarea" id="f-forecast_text" name="forecast_text" rows="4" data-drop-text @if ($problem !== '')
            aria-invalid="true" aria-describedby="f-forecast-problem" @endif>{{ old('forecast_text') }}</textarea>
        @if ($problem !== '')<p class="problem" id="f-forecast-problem">{{ $problem }}</p>@endif
        <label for="f-forecast_file" class="note-label">or its file</label><input type="file" id="f-forecast_file" name="forecast_file"
            class="input is-file">
        <x-entry name="source" id="forecast-source" label="Whose" class="is-wide" :value="old('source')"/>
        <div class="foot-line"><button class="button">Keep the forecast</button></div>
    </form>
    @if ($forecast?->isGiven)
        <form method="post" action="{{ route('forecast.destroy', $place) }}">
            @csrf @method('delete')<button class="button is-small is-warn">Forget this forecast</button>
        </form>
    @endif
</details>
