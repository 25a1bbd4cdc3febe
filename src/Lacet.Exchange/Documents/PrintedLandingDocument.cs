using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Exchange.Documents;

/// <summary>A landing by what is printed on it; null where nobody read it.</summary>
public abstract record PrintedLandingDocument : LandingDocument
{
    /// <summary>The smallest size it takes, mm².</summary>
    public double? LeastMm2 { get; init; }

    /// <summary>The largest size it takes, mm².</summary>
    public double? MostMm2 { get; init; }

    /// <summary>Strip depth, mm.</summary>
    public double? StripDepthMm { get; init; }

    /// <summary>required, allowed, unnecessary or forbidden.</summary>
    public FerruleAcceptance? Ferrule { get; init; }

    /// <summary>The builds it takes: solid, stranded, fine.</summary>
    public IReadOnlyList<AcceptedBuild>? Accepts { get; init; }

    /// <summary>How wide its opening is where it is narrowest, mm: a crimped pin must go through.</summary>
    public double? OpeningMm { get; init; }

    /// <summary>How far the next opening’s middle is from its own, mm: collars stand side by side.</summary>
    public double? PitchMm { get; init; }

    /// <summary>What is printed.</summary>
    private protected PrintedData Printed =>
        new(
            LeastMm2,
            MostMm2,
            StripDepthMm is { } depth ? new Length(depth) : null,
            Ferrule,
            Accepts is { Count: > 0 } ? Accepts.Select(Build).ToHashSet() : null,
            OpeningMm is { } opening ? new Length(opening) : null,
            PitchMm is { } pitch ? new Length(pitch) : null
        );

    /// <summary>The same kind with what is printed on one.</summary>
    internal LandingDocument With(PrintedData printed) =>
        this with
        {
            LeastMm2 = printed.LeastMm2,
            MostMm2 = printed.MostMm2,
            StripDepthMm = printed.StripDepth?.Millimetres,
            OpeningMm = printed.Opening?.Millimetres,
            PitchMm = printed.Pitch?.Millimetres,
            Ferrule = printed.Ferrule,
            Accepts = printed
                .Accepts?.Order()
                .Select(b =>
                    b switch
                    {
                        Core.Conductors.Build.Solid => AcceptedBuild.Solid,
                        Core.Conductors.Build.Stranded => AcceptedBuild.Stranded,
                        _ => AcceptedBuild.Fine,
                    }
                )
                .ToList(),
        };

    private static Build Build(AcceptedBuild accepted) =>
        accepted switch
        {
            AcceptedBuild.Solid => Core.Conductors.Build.Solid,
            AcceptedBuild.Stranded => Core.Conductors.Build.Stranded,
            _ => Core.Conductors.Build.FineStranded,
        };
}

/// <summary>A build as it is printed beside a landing.</summary>
public enum AcceptedBuild
{
    /// <summary>Solid.</summary>
    Solid,

    /// <summary>Stranded, class B, C or 2.</summary>
    Stranded,

    /// <summary>Fine-stranded.</summary>
    Fine,
}
