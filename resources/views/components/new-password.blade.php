<label class="form-label mt-2" for="new-password">New password, ten characters or more</label>
<input class="form-control" id="new-password" name="password" type="password" autocomplete="new-password" @error('password') aria-invalid="true" aria-describedby="new-password-fault" @enderror>
<x-fault for="password" id="new-password-fault" />
<label class="form-label mt-2" for="new-password-again">The same once more</label>
<input class="form-control" id="new-password-again" name="password_confirmation" type="password" autocomplete="new-password">
