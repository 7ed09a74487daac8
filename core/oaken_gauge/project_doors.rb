# frozen_string_literal: true

module OakenGauge
  # The doors to how far a project is, and to its steps at the bench. They are opened as methods of {OakenGauge}.
  #
  # @example
  #   OakenGauge.next_step(quilt: true, units: 5, picked: 2)["say"]   # => "pick a method for 3 units"
  module ProjectDoors
    # @param facts [Hash{Symbol => Object}] how far a project is, see {Projects::Stations}
    # @return [Array<Hash>] its stations in the order of work: "station", "title" and what is "open" there
    def stations(**facts)
      Projects::Stations.new(**facts).all
    end

    # @param facts [Hash{Symbol => Object}] how far a project is, see {Projects::Stations}
    # @return [Hash] what is next for it: "say", and the "station" that it is done at
    def next_step(**facts)
      Projects::Stations.new(**facts).next_step
    end

    # @param document [Hash] a choose document with string keys, as docs/formats describes it
    # @param now [Hash{String => String}, nil] for a screen: what is picked for units now, by id, from which the changes are then
    # @yield [share] as it goes on: how much of it is done, from 0 to 1; raising stops it
    # @return [Hash] one method for each unit, all together
    def choose(document, now: nil, &told)
      Answers::ChoiceWriter.new(Choosing::Choice.new(read_choice(document), &told), now: now).write
    end

    # @param document [Hash] a choose document
    # @raise [Documents::Invalid] where it cannot be read
    # @return [void]
    def check_choice(document)
      read_choice(document)
    end

    # @param unit [Hash] a unit's document
    # @return [Array<String>] the roles of its fabrics
    def roles(unit)
      read_unit(unit).class.roles.map(&:to_s)
    end

    # @param document [Hash] a choose document
    # @param picks [Hash{String => String}] methods by the unit's id; who has none is not counted
    # @return [Array<Hash>] what they come to together: "title" and "text" of each figure
    def together(document, picks)
      Answers::TogetherWriter.new(read_choice(document), picks).write
    end

    # @param answer [Hash] a method as it was weighed
    # @return [Array<Hash>] its steps, as they are read from where one stands
    def bench_steps(answer)
      Answers::BenchStepsWriter.new(answer.fetch("steps", [])).write
    end

    # @param document [Hash] a weigh document
    # @param method [String] one of its methods: "rotary/two_at_a_time"
    # @return [Array<Hash>] its steps in their order: "round", "step" and "say" as it is weighed, and how each is drawn; none where
    #   it cannot be used
    def step_drawings(document, method)
      task = read_weighing(document)
      made = Methods.making(task.unit).find { |one| one.id == method }
      made ? Answers::StepDrawingWriter.all(Weighing::Outcome.new(task.way(made))) : []
    end

    # @param units [Array<Hash>] of a project: "unit", its document, and "answer", what its pick was weighed as, or nil
    # @param measure [String] that it is worked in
    # @return [Hash] a row for each of the "units", and "totals"
    def units_at_home(units, measure)
      Answers::HomeWriter.new(measure.to_sym).write(units)
    end

    private

    def read_choice(document)
      Documents.read(document, most: Documents::Inspection::WHOLE) { |node| Choosing::Question.read(node) }
    end
  end
end
