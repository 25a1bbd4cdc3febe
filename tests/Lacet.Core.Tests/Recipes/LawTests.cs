using Lacet.Core.Drawings;
using Lacet.Core.Recipes;

namespace Lacet.Core.Tests.Recipes;

/// <summary>What holds of every recipe, whatever the wire, the landing and the house rules.</summary>
public sealed class LawTests
{
    private static void EveryRecipe(Action<Conductor, Landing, Recipe> holds) =>
        Generators.AtHand.Sample(end => holds(end.Conductor, end.Landing, RecipeBook.For(end)), iter: 6000);

    [Fact]
    public void A_window_holds_its_target_and_no_strip_is_negative() =>
        EveryRecipe(
            (_, landing, recipe) =>
            {
                if (recipe.Strip is { } strip)
                {
                    // Only a wire that goes in with its insulation on is not stripped.
                    Assert.True(
                        landing is InsulationDisplacement ? strip.Most.Millimetres == 0 : strip.Least.Millimetres > 0
                    );
                    Assert.Equal(Judgement.Pass, strip.Judge(strip.Target));
                }

                if (recipe.Torque is { } torque)
                {
                    Assert.True(torque.Window.Least.NewtonMetres > 0);
                    Assert.Equal(Judgement.Pass, torque.Window.Judge(torque.Window.Target));
                }
            }
        );

    [Fact]
    public void Go_means_nothing_to_put_right_and_no_doubtful_reading() =>
        EveryRecipe(
            (_, _, recipe) =>
            {
                if (recipe.Verdict == Verdict.Go)
                {
                    Assert.DoesNotContain(recipe.Findings, f => f.Severity != Severity.Note);
                    Assert.Empty(recipe.ReadOff);
                }

                // Caution is for the wire or the work: what is only to be read off the device is no caution, and is
                // said once a reading.
                Assert.Equal(
                    recipe.Verdict == Verdict.Caution,
                    recipe.Verdict != Verdict.Stop && recipe.Findings.Any(f => f.Severity == Severity.Fix)
                );
                Assert.True(recipe.Verdict != Verdict.Read || recipe.ReadOff.Count > 0);
                Assert.Equal(recipe.ReadOff.Count, recipe.ReadOff.Select(r => (r.Reading, r.What)).Distinct().Count());
            }
        );

    [Fact]
    public void Stop_gives_no_numbers_and_says_why_and_what_would_fit() =>
        EveryRecipe(
            (_, _, recipe) =>
            {
                Assert.Equal(recipe.Verdict == Verdict.Stop, recipe.Findings.Any(f => f.Severity == Severity.Stop));
                if (recipe.Verdict == Verdict.Stop)
                {
                    Assert.Null(recipe.Strip);
                    Assert.Null(recipe.Torque);
                    Assert.Null(recipe.Ferrule);
                    Assert.Empty(recipe.Steps);
                    Assert.All(recipe.Findings, f => Assert.NotEmpty(Ends.Read(f.Do)));
                    Assert.NotEmpty(recipe.Reasons);
                }
            }
        );

    [Fact]
    public void Every_reading_has_a_reason_and_every_sentence_can_be_read() =>
        EveryRecipe(
            (_, _, recipe) =>
            {
                if (recipe.Verdict != Verdict.Stop)
                {
                    Assert.Contains(recipe.Reasons, r => r.Reading == ReadingName.Strip);
                    Assert.Contains(recipe.Reasons, r => r.Reading == ReadingName.Tighten);
                    Assert.Equal(recipe.Torque is null, recipe.Holding is not null);
                    Assert.NotNull(recipe.Undo);
                    Assert.Equal("prove-dead", recipe.Steps[0].Id);
                    Assert.Equal(recipe.Steps.Count, recipe.Steps.Select(s => s.Id).Distinct().Count());
                }

                foreach (var lead in new[] { ReaderFormat.Metric, ReaderFormat.Imperial })
                {
                    Assert.All(
                        recipe
                            .Reasons.Select(r => r.Text)
                            .Concat(recipe.Cautions)
                            .Concat(recipe.Tools)
                            .Concat(recipe.Steps.Select(s => s.Text))
                            .Concat(recipe.Findings.Select(f => f.Says)),
                        sentence => Assert.DoesNotContain("Lacet.", sentence.ToString(lead), StringComparison.Ordinal)
                    );
                }
            }
        );

    [Fact]
    public void A_solid_wire_never_gets_a_ferrule_and_a_screw_never_gets_one() =>
        EveryRecipe(
            (wire, landing, recipe) =>
            {
                if (
                    wire.Build == Build.Solid
                    || landing is not PrintedLanding { Ferrule: not FerruleAcceptance.Forbidden }
                )
                {
                    Assert.Null(recipe.Ferrule);
                }
            }
        );

    [Fact]
    public void The_same_question_has_the_same_answer() =>
        Gen.Select(Generators.Wires, Generators.Landings)
            .Sample(
                (wire, landing) =>
                {
                    var (first, second) = (Ends.Recipe(wire, landing), Ends.Recipe(wire, landing));
                    Assert.Equal(first.Strip, second.Strip);
                    Assert.Equal(
                        first.Steps.Select(s => Ends.Read(s.Text)),
                        second.Steps.Select(s => Ends.Read(s.Text))
                    );
                }
            );

    [Fact]
    public void Every_recipe_can_be_drawn_and_its_strip_is_drawn_to_scale() =>
        Gen.Select(Generators.AtHand, Gen.Double[1, 60])
            .Sample(
                (end, measured) =>
                {
                    var recipe = RecipeBook.For(end);
                    foreach (var made in new[] { null, new AsMade(new Length(measured), null) })
                    {
                        var scene = EndSection.Of(end, made);
                        Assert.True(double.IsFinite(scene.Box.Width) && scene.Box.Width > 0);
                        Assert.Equal(scene.Parts.Count, scene.Parts.Select(p => p.Id).Distinct().Count());
                        Assert.DoesNotContain(scene.Parts, p => p.Path.Data.Contains("NaN", StringComparison.Ordinal));
                        if (recipe.Strip is { } strip)
                        {
                            var bare = scene.Parts.Single(p => p.Id == "stripped-bare").Box;
                            Assert.Equal(
                                made?.MeasuredStrip?.Millimetres ?? strip.Target.Millimetres,
                                bare.Width,
                                1e-6
                            );
                        }
                    }
                }
            );
}
