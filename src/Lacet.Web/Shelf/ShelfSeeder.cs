using Lacet.Exchange.Shelf;
using Lacet.Store;

namespace Lacet.Web.Shelf;

/// <summary>
/// Puts the generic entries on a Shelf that nobody has touched; what was taken off does not come back.
/// </summary>
internal sealed class ShelfSeeder(ShelfTable shelf) : IHostedService
{
    public async Task StartAsync(CancellationToken cancellationToken)
    {
        if (await shelf.IsUntouchedAsync())
        {
            await shelf.ChangeAsync(
                [.. ShippedShelf.Items.Select(item => ShelfEntries.Edit(item))],
                null,
                cancellationToken
            );
        }
    }

    public Task StopAsync(CancellationToken cancellationToken) => Task.CompletedTask;
}
