using System.Collections.Concurrent;
using System.Net;
using System.Net.Sockets;
using System.Security.Cryptography;
using System.Text;
using Lacet.Core.Quantities;
using Microsoft.Extensions.Hosting;
using Microsoft.Extensions.Logging;
using Microsoft.Extensions.Options;

namespace Lacet.Devices;

/// <summary>
/// Listens on loopback for tools. A tool connects and opens with the pairing token; whoever opens with anything else is
/// closed without a word.
/// </summary>
public sealed partial class DeviceHub(
    IOptions<DeviceOptions> options,
    Feed<DeviceEvent> feed,
    IPeakKeeper keeper,
    ILogger<DeviceHub> log
) : BackgroundService
{
    private const int Protocol = 1;
    private const int MostTools = 16;
    private static readonly TimeSpan HelloWithin = TimeSpan.FromSeconds(5);
    private static readonly TimeSpan AfterRefusal = TimeSpan.FromMilliseconds(200);

    /// <summary>Of its scale: a tool that says more than it could have read is not to be believed.</summary>
    private const double MostOfScale = 2;

    /// <summary>N·m: no screw of this trade asks for so much.</summary>
    private const double LargestScale = 1000;

    private readonly ConcurrentDictionary<string, (ConnectedTool Tool, LineChannel Channel)> _tools = new(
        StringComparer.Ordinal
    );
    private readonly TaskCompletionSource<IPEndPoint> _listening = new(
        TaskCreationOptions.RunContinuationsAsynchronously
    );
    private int _connections;

    /// <summary>Where it listens, once it does.</summary>
    public Task<IPEndPoint> Listening => _listening.Task;

    /// <summary>The tools that are connected now, by name.</summary>
    public IReadOnlyList<ConnectedTool> Tools =>
        [.. _tools.Values.Select(t => t.Tool).OrderBy(t => t.Identity.Name, StringComparer.Ordinal)];

    /// <summary>
    /// Asks a stand-in to turn on a screw of that target, or with null to let go. False where there is no such
    /// stand-in.
    /// </summary>
    public async Task<bool> TurnAsync(string toolId, Torque? target, CancellationToken cancellation)
    {
        if (!_tools.TryGetValue(toolId, out var entry) || !entry.Tool.Identity.StandIn)
        {
            return false;
        }

        await entry.Channel.SendAsync(
            target is { } torque ? new DeviceLine.Hold(torque.NewtonMetres) : new DeviceLine.Release(),
            cancellation
        );
        return true;
    }

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var listener = new TcpListener(IPAddress.Loopback, options.Value.Port);
        try
        {
            listener.Start();
        }
        catch (SocketException exception)
        {
            // The page works without tools; only they cannot come in.
            NoPort(log, options.Value.Port, exception.Message);
            _listening.TrySetException(exception);
            return;
        }

        _listening.TrySetResult((IPEndPoint)listener.LocalEndpoint);
        while (!stoppingToken.IsCancellationRequested)
        {
            try
            {
                _ = ServeAsync(await listener.AcceptTcpClientAsync(stoppingToken), stoppingToken);
            }
            catch (SocketException)
            {
                // No descriptor is left for it, or it went away again: the next is waited for.
                await Task.Delay(AfterRefusal, stoppingToken);
            }
        }
    }

    private async Task ServeAsync(TcpClient client, CancellationToken cancellation)
    {
        using var owned = client;
        try
        {
            if (Interlocked.Increment(ref _connections) > MostTools)
            {
                return;
            }

            client.NoDelay = true;
            await using var stream = client.GetStream();
            var channel = new LineChannel(stream);
            if (await GreetAsync(channel, cancellation) is { } tool)
            {
                await ConverseAsync(tool, channel, cancellation);
            }
        }
        catch (Exception exception) when (exception is IOException or SocketException or OperationCanceledException)
        {
            // The tool went away, or never spoke: nothing is lost, since peaks are kept as they come.
        }
        finally
        {
            Interlocked.Decrement(ref _connections);
        }
    }

    private async Task<ConnectedTool?> GreetAsync(LineChannel channel, CancellationToken cancellation)
    {
        using var limit = CancellationTokenSource.CreateLinkedTokenSource(cancellation);
        limit.CancelAfter(HelloWithin);
        if (
            await channel.ReceiveAsync(limit.Token) is not DeviceLine.Hello { Protocol: Protocol } hello
            || !IsToken(hello.Token)
        )
        {
            return null;
        }

        var tool = hello.Tool;
        if (
            tool.Id.Length is 0 or > 100
            || tool.Name.Length is 0 or > 100
            || !(tool.RangeMost > 0)
            || !double.IsFinite(tool.RangeMost)
        )
        {
            return null;
        }

        try
        {
            var connected = new ConnectedTool(tool, Torque.From(tool.RangeMost, TorqueUnits.Read(tool.Unit, "unit")));
            if (connected.Scale.NewtonMetres > LargestScale)
            {
                return null;
            }

            await channel.SendAsync(new DeviceLine.Welcome(Protocol), cancellation);
            return connected;
        }
        catch (ImpossibleInputException)
        {
            return null;
        }
    }

    private async Task ConverseAsync(ConnectedTool tool, LineChannel channel, CancellationToken cancellation)
    {
        var id = tool.Identity.Id;
        _tools[id] = (tool, channel);
        feed.Tell(new DeviceEvent.ToolsChanged(Tools));
        try
        {
            while (await channel.ReceiveAsync(cancellation) is { } line)
            {
                var torque = line switch
                {
                    DeviceLine.Reading reading => reading.Torque,
                    DeviceLine.Peak peak => peak.Torque,
                    _ => double.NaN,
                };
                var read = Torque.From(torque, TorqueUnits.Read(tool.Identity.Unit, "unit"));
                if (!(read.NewtonMetres >= 0 && read.NewtonMetres <= tool.Scale.NewtonMetres * MostOfScale))
                {
                    return;
                }

                await TakeAsync(tool, line, read, cancellation);
            }
        }
        finally
        {
            _tools.TryRemove(new(id, (tool, channel)));
            feed.Tell(new DeviceEvent.ToolsChanged(Tools));
        }
    }

    private async Task TakeAsync(ConnectedTool tool, DeviceLine line, Torque torque, CancellationToken cancellation)
    {
        switch (line)
        {
            case DeviceLine.Reading reading:
                feed.Tell(new DeviceEvent.Read(tool.Identity.Id, reading.Turn, torque, tool.Identity.StandIn));
                break;
            case DeviceLine.Peak peak:
                var kept = new TorquePeak(
                    peak.Turn,
                    tool.Identity.Id,
                    tool.Identity.Name,
                    torque,
                    tool.Identity.StandIn
                );
                await keeper.KeepAsync(kept, cancellation);
                feed.Tell(new DeviceEvent.Peaked(kept));
                break;
        }
    }

    private bool IsToken(string token) =>
        options.Value.Token.Length > 0
        && CryptographicOperations.FixedTimeEquals(
            Encoding.UTF8.GetBytes(token),
            Encoding.UTF8.GetBytes(options.Value.Token)
        );

    [LoggerMessage(
        Level = LogLevel.Error,
        Message = "Devices cannot connect: port {Port} of loopback cannot be opened ({Why})."
    )]
    private static partial void NoPort(ILogger logger, int port, string why);
}
