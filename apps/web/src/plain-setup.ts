// The words of the browser’s part are marked by `$localize`: tests without a page want it too.
import '@angular/localize/init';
