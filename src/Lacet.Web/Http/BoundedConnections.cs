using System.Net;
using Microsoft.AspNetCore.Connections;

namespace Lacet.Web.Http;

/// <summary>
/// Takes no more callers at once than there is room for; the others wait at the door, where the system holds them and
/// they cost this program nothing. The server’s own limit takes everybody in and then sends them away: a rush of callers
/// can leave nothing to open, and a runtime that cannot even load its own code ends the program.
/// </summary>
internal sealed class BoundedConnections(IConnectionListenerFactory inner, int most) : IConnectionListenerFactory
{
    public async ValueTask<IConnectionListener> BindAsync(
        EndPoint endpoint,
        CancellationToken cancellationToken = default
    ) => new Listener(await inner.BindAsync(endpoint, cancellationToken), most);

    private sealed class Listener(IConnectionListener inner, int most) : IConnectionListener
    {
        private readonly SemaphoreSlim _room = new(most, most);
        private readonly CancellationTokenSource _unbound = new();

        public EndPoint EndPoint => inner.EndPoint;

        public async ValueTask<ConnectionContext?> AcceptAsync(CancellationToken cancellationToken = default)
        {
            using var either = CancellationTokenSource.CreateLinkedTokenSource(cancellationToken, _unbound.Token);
            try
            {
                await _room.WaitAsync(either.Token);
            }
            catch (OperationCanceledException) when (_unbound.IsCancellationRequested)
            {
                return null;
            }

            if (await inner.AcceptAsync(cancellationToken) is not { } connection)
            {
                return null;
            }

            connection.ConnectionClosed.UnsafeRegister(room => ((SemaphoreSlim)room!).Release(), _room);
            return connection;
        }

        public async ValueTask UnbindAsync(CancellationToken cancellationToken = default)
        {
            await _unbound.CancelAsync();
            await inner.UnbindAsync(cancellationToken);
        }

        // The room stays: connections may close after their listener.
        public ValueTask DisposeAsync()
        {
            _unbound.Dispose();
            return inner.DisposeAsync();
        }
    }
}
