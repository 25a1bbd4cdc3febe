using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Exchange.Documents;

/// <summary>House rules as they are written in JSON; what is left out is the default.</summary>
public sealed record HouseRulesDocument
{
    /// <summary>required or where-the-maker-asks.</summary>
    public FerrulesOnFineStrands? FerrulesOnFineStrands { get; init; }

    /// <summary>din46228, french or other.</summary>
    public FerruleColours? FerruleColours { get; init; }

    /// <summary>0.06 to 0.10.</summary>
    public double? SingleValueTolerance { get; init; }

    /// <summary>never or fourteen-solid-to15-a.</summary>
    public BackStabHoles? BackStabHoles { get; init; }

    /// <summary>back-wire-clamp, hook-on-screw or lever-device.</summary>
    public ReceptacleWiring? ReceptacleWiring { get; init; }

    /// <summary>closed or open.</summary>
    public HookClosing? HookClosing { get; init; }

    /// <summary>leave-lay or slight-twist.</summary>
    public StrandsBeforeFerrule? StrandsBeforeFerrule { get; init; }

    /// <summary>exact or long-then-trim.</summary>
    public StripForFerrules? StripForFerrules { get; init; }

    /// <summary>measured or by-feel.</summary>
    public TorqueProof? TorqueProof { get; init; }

    /// <summary>0 for not at all, to 365.</summary>
    public int? RecheckAfterDays { get; init; }

    /// <summary>5 to 240.</summary>
    public int? PauseMinutes { get; init; }

    /// <summary>checked-by-another or sampled.</summary>
    public ApprenticeWork? ApprenticeWork { get; init; }

    /// <summary>general or critical.</summary>
    public StrandLoss? StrandLoss { get; init; }

    /// <summary>earth-neutral-hot or as-drawn.</summary>
    public LandingOrder? LandingOrder { get; init; }

    /// <summary>one-and-a-half-inches or three-inches-for-learners.</summary>
    public PigtailStrip? PigtailStrip { get; init; }

    /// <summary>yes or as-the-sheet-says.</summary>
    public TwistBeforeConnector? TwistBeforeConnector { get; init; }

    /// <summary>crimp-sleeve-in-sealed-tube or sealed-twist-on.</summary>
    public WetSplice? WetSplice { get; init; }

    /// <summary>replace-with-moulded-cord or refit-plug.</summary>
    public DamagedCord? DamagedCord { get; init; }

    /// <summary>by-operation or finish-each-end.</summary>
    public WorkingOrder? WorkingOrder { get; init; }

    /// <summary>north-america or iec.</summary>
    public Region? Region { get; init; }

    /// <summary>Writes house rules, every one of them.</summary>
    public static HouseRulesDocument Of(HouseRules rules) =>
        new()
        {
            FerrulesOnFineStrands = rules.FerrulesOnFineStrands,
            FerruleColours = rules.FerruleColours,
            SingleValueTolerance = rules.SingleValueTolerance,
            BackStabHoles = rules.BackStabHoles,
            ReceptacleWiring = rules.ReceptacleWiring,
            HookClosing = rules.HookClosing,
            StrandsBeforeFerrule = rules.StrandsBeforeFerrule,
            StripForFerrules = rules.StripForFerrules,
            TorqueProof = rules.TorqueProof,
            RecheckAfterDays = rules.RecheckAfterDays,
            PauseMinutes = rules.PauseMinutes,
            ApprenticeWork = rules.ApprenticeWork,
            StrandLoss = rules.StrandLoss,
            LandingOrder = rules.LandingOrder,
            PigtailStrip = rules.PigtailStrip,
            TwistBeforeConnector = rules.TwistBeforeConnector,
            WetSplice = rules.WetSplice,
            DamagedCord = rules.DamagedCord,
            WorkingOrder = rules.WorkingOrder,
            Region = rules.Region,
        };

    /// <summary>The house rules; throws <see cref="ImpossibleInputException"/> with the field and a sentence.</summary>
    public HouseRules Read()
    {
        var rules = HouseRules.Default;
        return new HouseRules(
            FerrulesOnFineStrands ?? rules.FerrulesOnFineStrands,
            FerruleColours ?? rules.FerruleColours,
            Between(
                SingleValueTolerance,
                0.06,
                0.10,
                "singleValueTolerance",
                "The tolerance must be from 0.06 to 0.10."
            ) ?? rules.SingleValueTolerance
        )
        {
            BackStabHoles = BackStabHoles ?? rules.BackStabHoles,
            ReceptacleWiring = ReceptacleWiring ?? rules.ReceptacleWiring,
            HookClosing = HookClosing ?? rules.HookClosing,
            StrandsBeforeFerrule = StrandsBeforeFerrule ?? rules.StrandsBeforeFerrule,
            StripForFerrules = StripForFerrules ?? rules.StripForFerrules,
            TorqueProof = TorqueProof ?? rules.TorqueProof,
            RecheckAfterDays = (int)(
                Between(
                    RecheckAfterDays,
                    0,
                    365,
                    "recheckAfterDays",
                    "The days must be from 0, for not at all, to 365."
                ) ?? rules.RecheckAfterDays
            ),
            PauseMinutes = (int)(
                Between(PauseMinutes, 5, 240, "pauseMinutes", "The pause must be from 5 to 240 minutes.")
                ?? rules.PauseMinutes
            ),
            ApprenticeWork = ApprenticeWork ?? rules.ApprenticeWork,
            StrandLoss = StrandLoss ?? rules.StrandLoss,
            LandingOrder = LandingOrder ?? rules.LandingOrder,
            PigtailStrip = PigtailStrip ?? rules.PigtailStrip,
            TwistBeforeConnector = TwistBeforeConnector ?? rules.TwistBeforeConnector,
            WetSplice = WetSplice ?? rules.WetSplice,
            DamagedCord = DamagedCord ?? rules.DamagedCord,
            WorkingOrder = WorkingOrder ?? rules.WorkingOrder,
            Region = Region ?? rules.Region,
        };
    }

    private static double? Between(double? value, double least, double most, string field, string sentence) =>
        value is null || (value >= least && value <= most)
            ? value
            : throw new ImpossibleInputException("houseRules." + field, sentence);
}
