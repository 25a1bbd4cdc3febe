using Lacet.Core.Checks.End;
using Lacet.Core.Recipes;

namespace Lacet.Core.Tests.Recipes;

/// <summary>Every house rule: named with its schools, and switching it changes what it says it changes.</summary>
public sealed class HouseRuleTests
{
    private static readonly Conductor Fine = Ends.Wire("2.5 mm²", Build.FineStranded);
    private static readonly Landing Single = new ScrewClampBlock(
        new(0.5, 4, new Length(9), FerruleAcceptance.Allowed),
        TorqueMarking.OfTarget(0.6, TorqueUnit.NewtonMetre)
    );

    /// <summary>For each rule the other school, and where it shows.</summary>
    private static readonly Dictionary<string, (Conductor Wire, Landing Landing, HouseRules Other)> Switches = new(
        StringComparer.Ordinal
    )
    {
        ["ferrulesOnFineStrands"] = (
            Fine,
            Single,
            HouseRules.Default with
            {
                FerrulesOnFineStrands = FerrulesOnFineStrands.WhereTheMakerAsks,
            }
        ),
        ["ferruleColours"] = (Fine, Single, HouseRules.Default with { FerruleColours = FerruleColours.French }),
        ["stripForFerrules"] = (
            Fine,
            Single,
            HouseRules.Default with
            {
                StripForFerrules = StripForFerrules.LongThenTrim,
            }
        ),
        ["strandsBeforeFerrule"] = (
            Fine,
            Single,
            HouseRules.Default with
            {
                StrandsBeforeFerrule = StrandsBeforeFerrule.SlightTwist,
            }
        ),
        ["receptacleWiring"] = (
            Ends.Wire("14"),
            Ends.Screw(),
            HouseRules.Default with
            {
                ReceptacleWiring = ReceptacleWiring.HookOnScrew,
            }
        ),
        ["backStabHoles"] = (
            Ends.Wire("14"),
            new BackStab(new()),
            HouseRules.Default with
            {
                BackStabHoles = BackStabHoles.FourteenSolidTo15A,
            }
        ),
        ["hookClosing"] = (Ends.Wire("14"), Ends.Screw(), HouseRules.Default with { HookClosing = HookClosing.Open }),
        ["strandLoss"] = (
            Ends.Wire("2.5 mm²", Build.Stranded),
            Single,
            HouseRules.Default with
            {
                StrandLoss = StrandLoss.Critical,
            }
        ),
        ["torqueProof"] = (Fine, Single, HouseRules.Default with { TorqueProof = TorqueProof.ByFeel }),
        ["singleValueTolerance"] = (Fine, Single, HouseRules.Default with { SingleValueTolerance = 0.06 }),
        ["recheckAfterDays"] = (Fine, Single, HouseRules.Default with { RecheckAfterDays = 30 }),
        ["pauseMinutes"] = (Fine, Single, HouseRules.Default with { PauseMinutes = 15 }),
        ["apprenticeWork"] = (Fine, Single, HouseRules.Default with { ApprenticeWork = ApprenticeWork.Sampled }),
        ["landingOrder"] = (
            Ends.Wire("14"),
            Ends.Screw(),
            HouseRules.Default with
            {
                LandingOrder = LandingOrder.AsDrawn,
            }
        ),
        ["pigtailStrip"] = (
            Ends.Wire("14"),
            Ends.Screw(),
            HouseRules.Default with
            {
                PigtailStrip = PigtailStrip.ThreeInchesForLearners,
            }
        ),
        ["twistBeforeConnector"] = (
            Ends.Wire("14"),
            Ends.Screw(),
            HouseRules.Default with
            {
                TwistBeforeConnector = TwistBeforeConnector.AsTheSheetSays,
            }
        ),
        ["wetSplice"] = (
            Ends.Wire("12"),
            new BackWireClamp(new(), null),
            HouseRules.Default with
            {
                WetSplice = WetSplice.SealedTwistOn,
            }
        ),
        ["damagedCord"] = (
            Ends.Wire("16", Build.FineStranded),
            new PlugScrew(null, null, null),
            HouseRules.Default with
            {
                DamagedCord = DamagedCord.RefitPlug,
            }
        ),
        ["workingOrder"] = (Fine, Single, HouseRules.Default with { WorkingOrder = WorkingOrder.FinishEachEnd }),
        ["region"] = (Ends.Wire("14"), Ends.Screw(), HouseRules.Default with { Region = Region.Iec }),
    };

    public static TheoryData<string> Ids => [.. HouseRuleText.All.Select(r => r.Id)];

    [Theory]
    [MemberData(nameof(Ids))]
    public void Switching_a_rule_changes_what_is_read(string id)
    {
        var (wire, landing, other) = Switches[id];
        Assert.NotEqual(HouseRules.Default, other);
        // Several alike, by an apprentice: rules about these say nothing to whoever makes one end by himself.
        Recipe Of(HouseRules rules) =>
            RecipeBook.For(new EndAtHand(wire, landing, rules) { Alike = 12, ByApprentice = true });
        Assert.NotEqual(Read(Of(HouseRules.Default)), Read(Of(other)));
    }

    [Theory]
    [MemberData(nameof(Ids))]
    public void A_rule_names_its_schools_and_says_why(string id)
    {
        var rule = HouseRuleText.All.Single(r => r.Id == id);
        Assert.True(rule.Options.Count >= 2);
        Assert.Equal(rule.Options.Count, rule.Options.Select(o => o.Value).Distinct().Count());
        Assert.EndsWith(".", rule.Why, StringComparison.Ordinal);
        Assert.EndsWith(".", rule.Changes, StringComparison.Ordinal);
    }

    [Fact]
    public void Every_rule_is_on_the_panel() =>
        Assert.Equal(
            typeof(HouseRules)
                .GetProperties()
                .Where(p => p.Name is not ("Default" or "EqualityContract"))
                .Select(p => char.ToLowerInvariant(p.Name[0]) + p.Name[1..])
                .Order(StringComparer.Ordinal),
            HouseRuleText.All.Select(r => r.Id).Order(StringComparer.Ordinal)
        );

    /// <summary>4 mm more is aimed at, 2 to 8 pass, and the strands are trimmed after the crimp.</summary>
    [Fact]
    public void Strip_long_and_trim_moves_the_window_and_adds_a_step()
    {
        var recipe = Ends.Recipe(
            Fine,
            Single,
            HouseRules.Default with
            {
                StripForFerrules = StripForFerrules.LongThenTrim,
            }
        );
        Assert.Equal(new Window<Length>(new(14), new(12), new(18)), recipe.Strip);
        Assert.Contains(recipe.Steps, s => s.Id == "trim-strands");
    }

    /// <summary>1 1/2 in, learners 3 in, trimmed to 5/8 in (common practice, from memory).</summary>
    [Theory]
    [InlineData(PigtailStrip.OneAndAHalfInches, "(1 1/2 in)")]
    [InlineData(PigtailStrip.ThreeInchesForLearners, "(3 in)")]
    public void A_pigtail_is_stripped_as_the_house_has_it(PigtailStrip rule, string says)
    {
        var text = Ends.Read(
            Ends.Recipe(Ends.Wire("14"), Ends.Screw(), HouseRules.Default with { PigtailStrip = rule })
                .Alternatives[^1]
                .Text
        );
        Assert.Contains(says, text, StringComparison.Ordinal);
        Assert.Contains("5/8 in", text, StringComparison.Ordinal);
    }

    private static string Read(Recipe recipe) =>
        string.Join(
            "\n",
            recipe
                .Steps.Select(s => Ends.Read(s.Text) + (s.HoldPoint is { } hold ? Ends.Read(hold) : ""))
                .Concat(recipe.Cautions.Select(Ends.Read))
                .Concat(recipe.Findings.Select(f => Ends.Read(f.Says)))
                .Concat(recipe.Alternatives.Select(a => Ends.Read(a.Text)))
                .Append(Ends.Read(recipe.Preparation.Detail))
                .Append($"{recipe.Strip} {recipe.Torque?.Window}")
        );
}
