using Lacet.Core.Quantities;

namespace Lacet.Core.Landings;

/// <summary>The choices that people make where good people disagree. Ids are stable: records keep them.</summary>
public sealed record HouseRules
{
    /// <summary>What applies where nobody chose.</summary>
    public static HouseRules Default { get; } = new();

    /// <summary>Whether a screw clamp or push-in block that allows ferrules gets one on fine strands.</summary>
    public FerrulesOnFineStrands FerrulesOnFineStrands { get; init; } = FerrulesOnFineStrands.Required;

    /// <summary>The colour series of the kit.</summary>
    public FerruleColours FerruleColours { get; init; } = FerruleColours.Din46228;

    /// <summary>How far from a single given torque still passes, as a fraction: 0.10 or down to 0.06.</summary>
    public double SingleValueTolerance { get; init; } = 0.10;

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

    /// <summary>Throws <see cref="Quantities.ImpossibleInputException"/> with the field where a number is out of its range.</summary>
    public HouseRules Checked()
    {
        Hold(
            SingleValueTolerance is >= 0.06 and <= 0.10,
            "singleValueTolerance",
            "The tolerance must be from 0.06 to 0.10."
        );
        Hold(
            RecheckAfterDays is >= 0 and <= 365,
            "recheckAfterDays",
            "The days must be from 0, for not at all, to 365."
        );
        Hold(PauseMinutes is >= 5 and <= 240, "pauseMinutes", "The pause must be from 5 to 240 minutes.");
        return this;

        static void Hold(bool holds, string field, string says)
        {
            if (!holds)
            {
                throw new Quantities.ImpossibleInputException("houseRules." + field, says);
            }
        }
    }
}
