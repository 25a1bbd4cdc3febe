using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>
/// A size outside of what is usual for a landing whose range nobody read: a guess refuses nothing, and asks.
/// </summary>
public sealed class RangeNotKnown : IEndCheck
{
    private static readonly string[] RestsOn = ["conductor.size", "landing.leastMm2", "landing.mostMm2"];

    /// <inheritdoc/>
    public string Id => "range-not-known";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan)
    {
        var (landing, size) = (plan.Landing, plan.Conductor.Size);
        if (landing.Takes(size) || ConductorOutOfRange.IsKnown(landing, size))
        {
            return null;
        }

        var socket = landing is SetScrewLug { Drive: LugDrive.HexSocket, AcrossFlatsIn: { } inches }
            ? LugSocket.For(inches)
            : null;
        return new Finding(
            Id,
            Severity.Fix,
            socket is null
                ? (FormattableString)
                    $"No range is given; {landing.OneSaidAs} usually takes {ConductorOutOfRange.Range(landing, size)}, and {size.Name} is outside of that."
                : $"No range is given; lugs with a {socket.Socket} socket usually take {socket.Sizes}, and {size.Name} is outside of that.",
            $"Read the range {landing.RangeIsPrinted} and set it here: {size.Name} must be in it.",
            "typical (from memory)",
            RestsOn
        )
        {
            Trust = Trust.Generic,
        };
    }
}
