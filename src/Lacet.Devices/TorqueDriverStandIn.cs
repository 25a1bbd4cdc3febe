using System.Net.Sockets;
using Lacet.Core.Practice;
using Lacet.Core.Quantities;
using Microsoft.Extensions.Hosting;
using Microsoft.Extensions.Options;

namespace Lacet.Devices;

/// <summary>
/// Stands for a digital torque screwdriver: connects to Lacet as a real one would, and turns the screw-joint model
/// while it is held. Everything it reads is simulated.
/// </summary>
public sealed class TorqueDriverStandIn(
    DeviceHub hub,
    StandInKey key,
    IOptions<DeviceOptions> options,
    TimeProvider time
) : BackgroundService
{
    private static readonly TimeSpan Beat = TimeSpan.FromMilliseconds(50);
    private static readonly TimeSpan LetsGoAfter = TimeSpan.FromSeconds(15);
    private static readonly TimeSpan TriesAgainAfter = TimeSpan.FromSeconds(1);
    private static readonly ToolIdentity Identity = new("stand-in-1", "N·m", 3, new(2026, 6, 1));

    private int _turns;

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        if (!options.Value.StandIns)
        {
            return;
        }

        while (!stoppingToken.IsCancellationRequested)
        {
            try
            {
                await WorkAsync(stoppingToken);
            }
            catch (Exception exception) when (exception is IOException or SocketException)
            {
                // Lacet closed the line; come back as a real tool would.
            }

            await Task.Delay(TriesAgainAfter, time, stoppingToken);
        }
    }

    private async Task WorkAsync(CancellationToken cancellation)
    {
        using var client = new TcpClient { NoDelay = true };
        await client.ConnectAsync(await hub.Listening.WaitAsync(cancellation), cancellation);
        await using var stream = client.GetStream();
        var channel = new LineChannel(stream);
        await channel.SendAsync(new DeviceLine.Hello(1, key.Token, Identity), cancellation);
        var (turn, letGo) = (Task.CompletedTask, (CancellationTokenSource?)null);
        try
        {
            while (await channel.ReceiveAsync(cancellation) is { } line)
            {
                switch (line)
                {
                    case DeviceLine.Hold hold when turn.IsCompleted:
                        letGo?.Dispose();
                        letGo = new CancellationTokenSource(LetsGoAfter, time);
                        turn = TurnAsync(
                            channel,
                            new ScrewJoint(new Torque(hold.TargetNm), ++_turns),
                            letGo.Token,
                            cancellation
                        );
                        break;
                    case DeviceLine.Release when letGo is not null:
                        await letGo.CancelAsync();
                        await turn;
                        break;
                }
            }
        }
        finally
        {
            letGo?.Dispose();
        }
    }

    private async Task TurnAsync(
        LineChannel channel,
        ScrewJoint joint,
        CancellationToken letGo,
        CancellationToken cancellation
    )
    {
        var (id, started, peak) = (Guid.NewGuid(), time.GetTimestamp(), 0.0);
        using var beat = new PeriodicTimer(Beat, time);
        try
        {
            while (!letGo.IsCancellationRequested)
            {
                // Past the end of its scale a driver reads no more.
                var torque = Math.Min(
                    joint.Feel(ScrewJoint.AngleAfter(time.GetElapsedTime(started))).NewtonMetres,
                    Identity.RangeMost
                );
                peak = Math.Max(peak, torque);
                await channel.SendAsync(new DeviceLine.Reading(id, Math.Round(torque, 4)), cancellation);
                await beat.WaitForNextTickAsync(letGo);
            }
        }
        catch (OperationCanceledException) when (!cancellation.IsCancellationRequested)
        {
            // The hand let go.
        }

        await channel.SendAsync(new DeviceLine.Peak(id, Math.Round(peak, 4)), cancellation);
    }
}
