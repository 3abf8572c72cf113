@php($problemAt = fn (string $field) => $problems->first($field) ?: null)
<div id="bench-inputs" class="bench-inputs">
    @foreach ($bench ? $quiet : [...$quiet, 'glass', 'glass_was'] as $name)
        <input type="hidden" name="{{ $name }}" value="{{ is_scalar($inputs[$name] ?? '') ? $inputs[$name] ?? '' : '' }}">
    @endforeach
    @if ($problemAt('form'))<p class="said is-problem" role="alert">{{ $problemAt('form') }}</p>@endif
    @if ($problems->isNotEmpty())
        <p class="is-sr-only" role="alert">
            {{ $problems->count() }} {{ $problems->count() === 1 ? 'field needs' : 'fields need' }} mending.
        </p>
    @endif
    <fieldset>
        <legend>What moves</legend>
        @if ($places->isNotEmpty())
            <div class="entry is-stacked">
                <label for="f-take">I am at</label>
                <span class="entry-value"><select id="f-take" name="take" class="pick" @if ($letGo) aria-describedby="f-take-hint" @endif>
                        <option value="">nowhere in particular</option>
                        @foreach ($places as $one)
                            <optgroup label="{{ $one->name }}">
                                <option value="place:{{ $one->id }}" @selected($at === 'place:'.$one->id)>{{ $one->name }}</option>
                                @foreach ($one->subjects as $subject)
                                    <option value="{{ $subject->id }}" @selected($at === (string) $subject->id)>
                                        {{ $one->name }}: {{ $subject->name }}
                                    </option>
                                @endforeach
                            </optgroup>
                        @endforeach
                    </select></span>
                @if ($letGo)<p class="hint" id="f-take-hint">“{{ $letGo }}” was let go: the water is another.</p>@endif
            </div>
            <input type="hidden" name="take_was" value="{{ $at }}">
        @endif
        <input type="hidden" name="place" value="{{ $inputs['place'] }}">
        <input type="hidden" name="subject" value="{{ $inputs['subject'] }}">
        <x-entry name="kind" label="Water" :problem="$problemAt('kind')">
            <select id="f-kind" name="kind" class="pick">
                @foreach ($kinds as $choice)
                    <option value="{{ $choice->value }}" @selected($choice === $kind)>{{ $choice->label() }}</option>
                @endforeach
            </select>
        </x-entry>
        @if ($flows)
            <x-entry name="measure" label="Measured by" :problem="$problemAt('measure')">
                <select id="f-measure" name="measure" class="pick">
                    @foreach ($measures as $choice)
                        <option value="{{ $choice->value }}" @selected($choice === $measure)>{{ $choice->label() }}</option>
                    @endforeach
                </select>
            </x-entry>
            @foreach ($flowFields as [$by, $name, $label, $unit])
                @if ($measure === $by)
                    <x-entry :name="$name" :label="$label" :unit="$unit"
                        :value="$inputs[$name]" :problem="$problemAt($name)" inputmode="decimal"
                        :hint="$name !== 'float_m' && $guess ? $guess.': '.$howToKnow : null"/>
                @else
                    <input type="hidden" name="{{ $name }}" value="{{ $inputs[$name] }}">
                @endif
            @endforeach
            @unless ($kind?->comesInWaves())<input type="hidden" name="period" value="{{ $inputs['period'] }}">@endunless
        @else
            @foreach (['measure', 'speed', 'drop', 'float_m', 'float_s'] as $name)
                <input type="hidden" name="{{ $name }}" value="{{ $inputs[$name] }}">
            @endforeach
            <x-entry name="period" label="Period" unit="s" :value="$inputs['period']"
                :problem="$problemAt('period')" inputmode="decimal"
                :hint="$guess ? $guess
                    .($sea ? ': press with the crests to know'
                        : ': press with the crests, and judge their height; on an enclosed sea 5 s') : null"/>
            @unless ($sea)
                <x-entry name="height" label="Height of the breakers"
                    unit="m" :value="$inputs['height']" :problem="$problemAt('height')" inputmode="decimal" :hint="$says?->breakerHint()"/>
            @endunless
            <div class="crests">
                <button type="button" class="button is-press" data-rapid data-crests="{{ route('water.heard') }}">
                    Press with each crest
                </button>
                <div id="crests-heard" aria-live="polite"><p class="hint">Five presses or more; the median counts.</p></div>
            </div>
        @endif
        @php($waterMore = $flows ? ['feature', 'oblique']
            : ($sea ? ['height', 'depth', 'chop_period', 'chop_height', 'oblique'] : ['oblique']))
        <details class="more" @if (collect($waterMore)->contains(fn ($f) => ($inputs[$f] ?? '') !== '' || $problemAt($f))) open @endif>
            <summary>More about the water</summary>
            @if ($flows)
                <x-entry name="feature" label="Size of the foam"
                    unit="m" :value="$inputs['feature']" :problem="$problemAt('feature')" inputmode="decimal" placeholder="all sizes"
                    hint="Left out, every size that this frame shows"/>
                @if ($kind?->comesInWaves())
                    <x-entry name="period" label="An uprush every"
                        unit="s" :value="$inputs['period']" :problem="$problemAt('period')" inputmode="decimal"/>
                @endif
            @elseif ($sea)
                <x-entry name="height" label="Significant height"
                    unit="m" :value="$inputs['height']" :problem="$problemAt('height')" inputmode="decimal"/>
                <x-entry name="depth" label="Depth" unit="m"
                    :value="$inputs['depth']" :problem="$problemAt('depth')" inputmode="decimal" placeholder="deep"
                    :hint="$says?->breakerHint()"/>
                <x-entry name="chop_period" label="Chop on it, period"
                    unit="s" :value="$inputs['chop_period']" :problem="$problemAt('chop_period')" inputmode="decimal"/>
                <x-entry name="chop_height" label="its height"
                    unit="m" :value="$inputs['chop_height']" :problem="$problemAt('chop_height')" inputmode="decimal"/>
            @endif
            <x-entry name="oblique" label="Runs towards you by"
                unit="°" :value="$inputs['oblique']" :problem="$problemAt('oblique')" inputmode="decimal" placeholder="0"/>
        </details>
        <input type="hidden" name="rhythm" value="{{ $inputs['rhythm'] }}">
        <details class="more" @if ($also !== null || $problemAt('also') || $problemAt('also_look')) open @endif>
            <summary>Another water in the picture</summary>
            <x-entry name="also" label="Water" :problem="$problemAt('also')">
                <select id="f-also" name="also" class="pick">
                    <option value="">none</option>
                    @foreach ($kinds as $choice)
                        <option value="{{ $choice->value }}" @selected($choice === $also)>{{ $choice->label() }}</option>
                    @endforeach
                </select>
            </x-entry>
            @if ($also !== null)
                @if ($also->isWaves())
                    <x-entry name="also_period" label="Period"
                        unit="s" :value="$inputs['also_period']" :problem="$problemAt('also_period')" inputmode="decimal"/>
                @else
                    <x-entry name="also_speed" label="Speed"
                        unit="m/s" :value="$inputs['also_speed']" :problem="$problemAt('also_speed')" inputmode="decimal"/>
                @endif
                <x-entry name="also_distance" label="Distance"
                    unit="m" :value="$inputs['also_distance']" :problem="$problemAt('also_distance')" inputmode="decimal"
                    :placeholder="$inputs['distance']"/>
                <x-entry name="also_look" label="Wanted" :problem="$problemAt('also_look')">
                    <select id="f-also_look" name="also_look" class="pick">
                        @foreach ($looks as $look)
                            <option value="{{ $look->value }}" @selected($look->value === $inputs['also_look'])>{{ $look->value }}</option>
                        @endforeach
                    </select>
                </x-entry>
            @endif
        </details>
        <details class="more" @if ($inputs['sky'] !== '' || $problemAt('sky')) open @endif>
            <summary>Sky</summary>
            <x-entry name="sky" label="Clouds by" :problem="$problemAt('sky')">
                <select id="f-sky" name="sky" class="pick">
                    @foreach ($skies as $choice)
                        <option value="{{ $choice->value }}" @selected($choice === $sky)>{{ $choice->label() }}</option>
                    @endforeach
                </select>
            </x-entry>
            @if ($inputs['sky'] === 'crossing')
                <x-entry name="cloud_share" label="Across" unit="%"
                    :value="$inputs['cloud_share']" :problem="$problemAt('cloud_share')" inputmode="decimal"/>
                <x-entry name="cloud_s" label="in" unit="s" :value="$inputs['cloud_s']"
                    :problem="$problemAt('cloud_s')" inputmode="decimal"/>
            @elseif ($inputs['sky'] === 'wind')
                <x-entry name="cloud_speed" label="Wind up there"
                    unit="wind" :value="$inputs['cloud_speed']" :problem="$problemAt('cloud_speed')" inputmode="decimal"/>
                <x-entry name="cloud_base" label="Height" unit="m"
                    :value="$inputs['cloud_base']" :problem="$problemAt('cloud_base')" inputmode="decimal"/>
                <x-entry name="cloud_elevation" label="Above the horizon"
                    unit="°" :value="$inputs['cloud_elevation']" :problem="$problemAt('cloud_elevation')" inputmode="decimal"/>
                <x-entry name="cloud_across" label="They drift" :problem="$problemAt('cloud_across')">
                    <select id="f-cloud_across" name="cloud_across" class="pick">
                        @foreach ($drifts as $drift)
                            <option value="{{ $drift->value }}" @selected($inputs['cloud_across'] === $drift->value)>
                                {{ $drift->words() }}
                            </option>
                        @endforeach
                    </select>
                </x-entry>
            @endif
            @if ($inputs['sky'] !== '')
                <x-entry name="cloud_look" label="Wanted" :problem="$problemAt('cloud_look')">
                    <select id="f-cloud_look" name="cloud_look" class="pick">
                        <option value="">as it comes</option>
                        @foreach ($cloudLooks as $look)
                            <option value="{{ $look->value }}" @selected($look->value === $inputs['cloud_look'])>{{ $look->value }}</option>
                        @endforeach
                    </select>
                </x-entry>
            @endif
        </details>
    </fieldset>
    <fieldset>
        <legend>Framing</legend>
        <input type="hidden" name="camera_was" value="{{ $inputs['camera'] }}">
        <input type="hidden" name="lens_was" value="{{ $inputs['lens'] }}">
        <x-entry name="camera" label="Camera" :problem="$problemAt('camera')">
            <select id="f-camera" name="camera" class="pick">
                @foreach ($cameras as $camera)
                    <option value="{{ $camera->id }}" @selected((string) $camera->id === (string) $inputs['camera'])>
                        {{ $camera->name }}
                    </option>
                @endforeach
            </select>
        </x-entry>
        <x-entry name="lens" label="Lens" :problem="$problemAt('lens')">
            <select id="f-lens" name="lens" class="pick">
                @foreach ($lenses as $lens)
                    <option value="{{ $lens->id }}" @selected((string) $lens->id === (string) $inputs['lens'])>{{ $lens->name }}</option>
                @endforeach
            </select>
        </x-entry>
        <x-entry name="focal" label="Focal length" unit="mm"
            :value="$inputs['focal']" :problem="$problemAt('focal')" inputmode="decimal" :hint="$nearestFocal"/>
        <x-entry name="distance" label="Distance" unit="m" :value="$inputs['distance']"
            :problem="$problemAt('distance')" inputmode="decimal"/>
    </fieldset>
    <fieldset>
        <legend>More of the reading</legend>
        <details class="more held" id="held-fast"
            @if ($inputs['pin_aperture'] !== '' || $inputs['pin_iso'] !== '' || $must !== [] || $off !== [] || $problemAt('pin_aperture')
                || $problemAt('pin_iso') || $problemAt('must') || $problemAt('off')) open @endif>
            <summary>Held fast</summary>
            <x-dial name="pin_aperture" label="Aperture" dial="aperture"
                :value="$inputs['pin_aperture']" :problem="$problemAt('pin_aperture')" placeholder="free"
                :data-place="$inputs['aperture']"/>
            <x-dial name="pin_iso" label="ISO" dial="iso" :value="$inputs['pin_iso']"
                :problem="$problemAt('pin_iso')" placeholder="free" :data-place="$inputs['iso']" inputmode="numeric"/>
            @if ($filters->isNotEmpty())
                <table class="holds">
                    <thead>
                        <tr><th scope="col"><span class="is-sr-only">Filter</span></th><th scope="col">on</th><th scope="col">off</th></tr>
                    </thead>
                    <tbody>
                        @foreach ($filters as $filter)
                            <tr>
                                <th scope="row">{{ $filter->name }}</th>
                                <td>
                                    <label><span class="is-sr-only">{{ $filter->name }} must be on</span><input type="checkbox"
                                            name="must[]" value="{{ $filter->id }}" @checked(in_array($filter->id, $must, true))></label>
                                </td>
                                <td>
                                    <label><span class="is-sr-only">{{ $filter->name }} stays off</span><input type="checkbox"
                                            name="off[]" value="{{ $filter->id }}" @checked(in_array($filter->id, $off, true))></label>
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                @if ($problemAt('must') || $problemAt('off'))<p class="problem">{{ $problemAt('must') ?? $problemAt('off') }}</p>@endif
            @endif
        </details>
        <x-entry name="bias" label="Highlights" unit="stops"
            :value="$inputs['bias']" :problem="$problemAt('bias')" inputmode="text" hint="Minus protects white water"/>
        <x-entry name="longest" label="No longer than" :value="$inputs['longest']" :problem="$problemAt('longest')" placeholder="any time"/>
        <x-entry name="drift" label="Light drifts" unit="stops a min"
            :value="$inputs['drift']" :problem="$problemAt('drift')" inputmode="text" placeholder="steady" :hint="$says?->driftHint()"/>
        @php($driftNow = $says?->driftNow())
        @if ($driftNow !== null)
            <p class="use-drift">
                <button type="button" class="button is-small" data-set="f-drift" data-value="{{ $driftNow }}">Reckon with it</button>
            </p>
        @endif
        @if ($says?->gradHint())<p class="hint">{{ $says->gradHint() }}</p>@endif
        <details class="more"
            @if (($inputs['earlier_shutter'] ?? '') !== '' || $problemAt('earlier_shutter') || $problemAt('earlier_minutes')) open @endif>
            <summary>An earlier reading</summary>
            <x-dial name="earlier_shutter" label="It was" dial="shutter"
                :value="$inputs['earlier_shutter']" :problem="$problemAt('earlier_shutter')"/>
            <x-entry name="earlier_minutes" label="minutes ago"
                unit="min" :value="$inputs['earlier_minutes']" :problem="$problemAt('earlier_minutes')" inputmode="decimal"
                :hint="$says?->driftFound() ?? 'At the same aperture and ISO; both are needed'"/>
        </details>
        <details class="more" @if (($inputs['sharp_near'] ?? '') !== '' || $problemAt('sharp_near') || $problemAt('sharp_far')) open @endif>
            <summary>Sharp from, to</summary>
            <x-entry name="sharp_near" label="Sharp from" unit="m"
                :value="$inputs['sharp_near']" :problem="$problemAt('sharp_near')" inputmode="decimal"/>
            <x-entry name="sharp_far" label="to" unit="m" :value="$inputs['sharp_far']"
                :problem="$problemAt('sharp_far')" inputmode="decimal" placeholder="horizon"/>
        </details>
        <x-entry name="wind" label="Wind here" unit="wind" :value="$inputs['wind']"
            :problem="$problemAt('wind')" inputmode="decimal" placeholder="calm"/>
        @if ($inputs['wind'] !== '' || $problemAt('wind'))
            <x-entry name="support" label="Camera on a" :problem="$problemAt('support')" hint="How long it stands still is judgement">
                <select id="f-support" name="support" class="pick">
                    @foreach ($supports as $choice)
                        <option value="{{ $choice->value }}" @selected($choice === $support)>{{ $choice->label() }}</option>
                    @endforeach
                </select>
            </x-entry>
        @else
            <input type="hidden" name="support" value="{{ $inputs['support'] }}">
        @endif
        @if ((float) $inputs['correction'] !== 0.0 || $inputs['after'] !== '' || $problemAt('correction'))
            <x-entry name="correction" label="From frame {{ $inputs['after'] }}"
                unit="stops" :value="$inputs['correction']" :problem="$problemAt('correction')" inputmode="text"
                hint="What the last frame showed; 0 forgets it"/>
        @else
            <input type="hidden" name="correction" value="0">
        @endif
        <input type="hidden" name="after" value="{{ $inputs['after'] }}">
        @unless ($release)
            <p class="hint">
                No release in the bag.
                <x-acts id="pack-release" class="is-small" :to="route('bench.release', ['_method' => 'put'])">Pack it</x-acts>
            </p>
        @endunless
    </fieldset>
</div>
