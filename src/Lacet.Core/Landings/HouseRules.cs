namespace Lacet.Core.Landings;

/// <summary>The choices that people make where good people disagree. Ids are stable: records keep them.</summary>
/// <param name="FerrulesOnFineStrands">Whether a screw clamp or push-in block that allows ferrules gets one on fine
/// strands.</param>
/// <param name="FerruleColours">The colour series of the kit.</param>
/// <param name="SingleValueTolerance">How far from a single given torque still passes, as a fraction: 0.10 or down to
/// 0.06.</param>
public sealed record HouseRules(
    FerrulesOnFineStrands FerrulesOnFineStrands,
    FerruleColours FerruleColours,
    double SingleValueTolerance
)
{
    /// <summary>What applies where nobody chose.</summary>
    public static HouseRules Default { get; } = new(FerrulesOnFineStrands.Required, FerruleColours.Din46228, 0.10);

    /// <summary>Back-stab holes.</summary>
    public BackStabHoles BackStabHoles { get; init; }

    /// <summary>How receptacles are wired.</summary>
    public ReceptacleWiring ReceptacleWiring { get; init; }

    /// <summary>Whether a hook is closed.</summary>
    public HookClosing HookClosing { get; init; }

    /// <summary>Strands before a ferrule.</summary>
    public StrandsBeforeFerrule StrandsBeforeFerrule { get; init; }

    /// <summary>Strip length for ferrules.</summary>
    public StripForFerrules StripForFerrules { get; init; }

    /// <summary>How tightening is shown.</summary>
    public TorqueProof TorqueProof { get; init; }

    /// <summary>Landed torque is looked at again after so many days; 0 for not at all.</summary>
    public int RecheckAfterDays { get; init; }

    /// <summary>After a pause of more than so many minutes, dead is proved again.</summary>
    public int PauseMinutes { get; init; } = 30;

    /// <summary>Apprentices' work.</summary>
    public ApprenticeWork ApprenticeWork { get; init; }

    /// <summary>Strand loss.</summary>
    public StrandLoss StrandLoss { get; init; }

    /// <summary>Landing order.</summary>
    public LandingOrder LandingOrder { get; init; }

    /// <summary>Strip of a pigtail’s splice end.</summary>
    public PigtailStrip PigtailStrip { get; init; }

    /// <summary>Twisting before a connector.</summary>
    public TwistBeforeConnector TwistBeforeConnector { get; init; }

    /// <summary>Splices in wet places.</summary>
    public WetSplice WetSplice { get; init; }

    /// <summary>Damaged cords.</summary>
    public DamagedCord DamagedCord { get; init; }

    /// <summary>Order of several ends alike.</summary>
    public WorkingOrder WorkingOrder { get; init; }

    /// <summary>Region.</summary>
    public Region Region { get; init; }
}
