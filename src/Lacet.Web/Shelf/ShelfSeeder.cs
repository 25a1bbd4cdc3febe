using Lacet.Exchange.Shelf;
using Lacet.Store;

namespace Lacet.Web.Shelf;

/// <summary>
/// Puts the generic entries of every kind on the Shelf of which nobody has touched one: at the first start, and after an
/// update that brings a kind. What was taken off does not come back.
/// </summary>
internal sealed class ShelfSeeder(ShelfTable shelf) : IHostedService
{
    public async Task StartAsync(CancellationToken cancellationToken)
    {
        var touched = await shelf.TouchedKindsAsync();
        var untouched = ShippedShelf.Items.Where(item => !touched.Contains(item.Kind)).ToList();
        if (untouched.Count > 0)
        {
            await shelf.ChangeAsync([.. untouched.Select(item => ShelfEntries.Edit(item))], null, cancellationToken);
        }
    }

    public Task StopAsync(CancellationToken cancellationToken) => Task.CompletedTask;
}
