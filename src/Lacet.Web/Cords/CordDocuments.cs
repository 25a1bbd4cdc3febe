using Lacet.Core.Circuits;
using Lacet.Core.Conductors;
using Lacet.Core.Cords;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Web.Http;

namespace Lacet.Web.Cords;

/// <summary>What is seen of a cord.</summary>
/// <param name="Seen">The cues that are ticked.</param>
/// <param name="Rule">Replace with a moulded cord, or re-fit a plug.</param>
/// <param name="MouldedToBeHad">Whether a moulded cord for it can be had.</param>
/// <param name="Prices">What parts and time cost; usual figures where nobody said.</param>
/// <param name="Lead">Which unit leads.</param>
/// <param name="Sound">The places that were looked at and are sound.</param>
public sealed record TriageRequest(
    IReadOnlyList<CordCue> Seen,
    DamagedCord Rule = DamagedCord.ReplaceWithMouldedCord,
    bool MouldedToBeHad = true,
    CordPrices? Prices = null,
    Lead Lead = Lead.Metric,
    IReadOnlyList<CordPlace>? Sound = null
);

/// <summary>What becomes of a cord.</summary>
/// <param name="Verdict">keep, look-first, put-right, refit-plug, replace-cord or scrap-now.</param>
/// <param name="Signs">What was seen, the worst first.</param>
/// <param name="School">What the other school would do; null where that makes no difference.</param>
/// <param name="Refit">What fitting a plug costs.</param>
/// <param name="Replace">What a new cord costs.</param>
/// <param name="Prices">The prices that were reckoned with.</param>
/// <param name="Source">Where the cues are from.</param>
public sealed record TriageDocument(
    CordVerdict Verdict,
    IReadOnlyList<CordSign> Signs,
    string? School,
    CordWay Refit,
    CordWay Replace,
    CordPrices Prices,
    string Source
)
{
    /// <summary>The places that nobody looked at yet.</summary>
    public IReadOnlyList<CordPlace> NotLookedAt { get; init; } = [];

    /// <summary>What is looked at next, behind a bad cord; empty where it is kept.</summary>
    public IReadOnlyList<Term> LookNext { get; init; } = [];

    internal static TriageDocument Of(TriageRequest request)
    {
        var prices = request.Prices ?? new();
        var triage = CordTriage.Of(request.Seen, request.Sound ?? [], request.Rule, request.MouldedToBeHad, prices);
        return new(
            triage.Verdict,
            triage.Signs,
            triage.School?.Said(request.Lead.Unit()),
            triage.Refit,
            triage.Replace,
            prices,
            CordSign.Source
        )
        {
            NotLookedAt = triage.NotLookedAt,
            LookNext = triage.LookNext,
        };
    }
}

/// <summary>A load and the way to it.</summary>
/// <param name="Volts">The voltage.</param>
/// <param name="LengthM">How long the cord is, m.</param>
/// <param name="LoadedConductors">How many of its conductors carry current; the earth is not one of them.</param>
/// <param name="Use">light, appliance or motor.</param>
/// <param name="Amps">The load, A; left out where watts are given.</param>
/// <param name="Watts">The load, W; left out where amperes are given.</param>
/// <param name="Lead">Which unit leads.</param>
/// <param name="Phases">1 or 3: three loaded conductors may be three phases, or two lines and a neutral; null where
/// nobody said.</param>
/// <param name="Region">Whose sizes, plugs and jackets: gauges and NEMA plugs, or metric sizes and IEC plugs.</param>
/// <param name="Duty">What the cord is put through: light, ordinary or heavy.</param>
/// <param name="Outdoors">Whether it lies in the wet or in the sun.</param>
public sealed record CordSizeRequest(
    double Volts,
    double LengthM,
    int LoadedConductors = 2,
    CordUse Use = CordUse.Appliance,
    double? Amps = null,
    double? Watts = null,
    Lead Lead = Lead.Metric,
    int? Phases = null,
    Region Region = Region.NorthAmerica,
    CordDuty Duty = CordDuty.Ordinary,
    bool Outdoors = false
)
{
    internal CordSizeDocument Answer()
    {
        var choice = Choose(LengthM);
        var jacket = choice.Least is { } least ? CordJacket.For(Region, Duty, Outdoors, least.Size) : null;
        var length = new Length(LengthM * 1000);
        return CordSizeDocument.Of(choice, CordStock.Why(jacket, length, choice.Amps, Region), Lead.Unit()) with
        {
            Jacket = jacket,
            StockLength = CordStock.Reaching(length, Region),
            Connector = CordStock.Connector(choice.Amps, Region),
            DropAdvised = choice.DropAdvised,
            Drops = [.. Drops(choice)],
        };
    }

    /// <summary>What the cord, and those next to it, lose at other lengths: up to twice as long.</summary>
    private IEnumerable<DropAtLength> Drops(CordChoice choice)
    {
        var all = choice.Cords.Select(c => c.Size).ToList();
        var at = choice.Least is { } least ? all.IndexOf(least.Size) : all.Count - 1;
        var sizes = all.Skip(Math.Max(0, at - 1)).Take(3).ToHashSet();
        for (var sixth = 1; sixth <= 12; sixth++)
        {
            // What is longer than any cord that is reckoned with is left out.
            var length = LengthM * sixth / 6;
            if (length * 1000 > CordChoice.Longest.Millimetres)
                yield break;
            yield return new(
                Math.Round(length, 2),
                [
                    .. Choose(length)
                        .Cords.Where(c => sizes.Contains(c.Size))
                        .Select(c => new DropOfSize(c.Size.Name, Math.Round(c.DropPercent, 3))),
                ]
            );
        }
    }

    private CordChoice Choose(double lengthM)
    {
        var amps = (Amps, Watts) switch
        {
            ({ } given, null) => given,
            (null, { } watts) => Phases == 3 ? watts / (Math.Sqrt(3) * Volts) : watts / Volts,
            _ => throw new ImpossibleInputException("amps", "Give the load in amperes or in watts, one of them."),
        };
        return CordChoice.For(amps, Volts, new(lengthM * 1000), LoadedConductors, Use, Phases, Region);
    }
}

/// <summary>What is seen of the conductors of a cord.</summary>
/// <param name="Conductors">Two or three.</param>
/// <param name="Region">Whose colours they are.</param>
/// <param name="Foreign">Whether the cord may have been made for elsewhere: then what its colours mean there is said
/// too.</param>
public sealed record IdentifyRequest(
    IReadOnlyList<SeenConductorDocument> Conductors,
    Region Region = Region.NorthAmerica,
    bool Foreign = false
)
{
    internal CordIdentity Identify() => CordIdentity.Of([.. Conductors.Select((c, i) => c.Read(i))], Region, Foreign);
}

/// <summary>What is seen of a conductor.</summary>
/// <param name="Colour">Its colour as people write it; empty where nobody said.</param>
/// <param name="Cues">What else is seen.</param>
public sealed record SeenConductorDocument(string? Colour = null, IReadOnlyList<IdentityCue>? Cues = null)
{
    internal SeenConductor Read(int at)
    {
        if (string.IsNullOrWhiteSpace(Colour))
        {
            return new(null, Cues ?? []);
        }

        return InsulationColour.TryParse(Colour, out var colour)
            ? new(colour, Cues ?? [])
            : throw new ImpossibleInputException(
                $"conductors[{at}].colour",
                $"“{Colour.Trim()}” is no colour that is known here: black, white, green, brown, blue, green/yellow."
            );
    }
}

/// <summary>A cord and the plug that it gets.</summary>
/// <param name="Conductor">One of its conductors.</param>
/// <param name="LineMm">From the inside of the clamp to the brass screw.</param>
/// <param name="NeutralMm">To the silver screw.</param>
/// <param name="EarthMm">To the green screw; null for a two-blade plug.</param>
/// <param name="Screw">The screws; null for the usual #6.</param>
/// <param name="HouseRules">House rules; what is left out is the default.</param>
/// <param name="Lead">Which unit leads.</param>
/// <param name="Grip">hook round each screw, or clamp under a plate.</param>
public sealed record RefitRequest(
    ConductorDocument Conductor,
    double LineMm,
    double NeutralMm,
    double? EarthMm = null,
    string? Screw = null,
    HouseRules? HouseRules = null,
    Lead Lead = Lead.Metric,
    PlugGrip Grip = PlugGrip.Hook
);

/// <summary>A new plug on a cord, and the other way: soldered.</summary>
/// <param name="JacketOff">How much of the jacket comes off; of flat cord, how far it is parted.</param>
/// <param name="Strip">What each strips.</param>
/// <param name="Terminals">Each conductor to its own screw.</param>
/// <param name="Steps">What is done, in order.</param>
/// <param name="Soldered">What is done where the conductors are soldered instead.</param>
/// <param name="IronWatts">The iron for that.</param>
/// <param name="Section">The cord’s end, drawn to scale.</param>
public sealed record RefitDocument(
    Readout JacketOff,
    WindowDocument Strip,
    IReadOnlyList<PlugTerminalDocument> Terminals,
    IReadOnlyList<string> Steps,
    IReadOnlyList<string> Soldered,
    int IronWatts,
    SceneDocument Section
);

/// <summary>A conductor on its way to its screw.</summary>
public sealed record PlugTerminalDocument(CordRole Role, string Screw, Readout Length, Readout Insulated);

/// <summary>A machine whose case may have lost its earth.</summary>
/// <param name="Volts">The supply.</param>
/// <param name="Hertz">Its frequency.</param>
/// <param name="LineNanofarads">The filter’s capacitor from line to case; 0 where it failed open.</param>
/// <param name="NeutralNanofarads">From neutral to case.</param>
/// <param name="Earthed">Whether its earth is whole.</param>
/// <param name="Reversed">Whether line and neutral are swapped.</param>
public sealed record CaseRequest(
    double Volts = 120,
    double Hertz = 60,
    double LineNanofarads = 4.7,
    double NeutralNanofarads = 4.7,
    bool Earthed = false,
    bool Reversed = false
);
