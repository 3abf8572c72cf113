{{-- In a form that makes a record: sent again, it makes none. --}}
@csrf<input type="hidden" name="form_key" value="{{ $formKey() }}">
