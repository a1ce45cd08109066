import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { Suppliers } from '../shop/suppliers';
import { Says } from '../ui/says';
import { SupplierRow } from './supplier-row';
import { SupplierService } from './supplier-service';

/** Who sells to the shop; and the one that stands in for a supplier that can be asked. */
@Component({
  selector: 'z-suppliers-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Says, SupplierRow, SupplierService],
  template: `<z-says [text]="suppliers.says()" />
    @for (row of suppliers.kept(); track row.id) {
      <z-supplier-row [row]="row" />
    }
    <z-supplier-row />
    <z-supplier-service class="mt-4" />`,
  host: { class: 'flex flex-col' },
})
export class SuppliersView {
  protected readonly suppliers = inject(Suppliers);
}
