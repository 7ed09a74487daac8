# frozen_string_literal: true

module Server
  module Jobs
    # Looks for tools that a project lacks: each of its units is weighed with each tool that might serve.
    class LookForTools < Counted
      self.maximum_retry_count = 3

      # More units than these are not looked through.
      MOST_UNITS = 16
      # What a page waits for: units, times the tools that each is weighed with.
      SOON = 800

      class << self
        # @return [String]
        def kind
          "missing"
        end

        # @return [Hash]
        def nothing
          { "missing" => nil }
        end

        # @param project [Models::Project]
        # @return [Hash] what is "missing", nil where nobody has looked yet, and whether that is "counting" still
        def ask(project)
          return { **look(project), "counting" => false } if soon?(project)

          of(project.maker, { "project" => project.id })
        end

        # @param maker [Models::Maker]
        # @param about [Hash]
        # @return [Hash]
        def count(maker, about)
          look(maker.projects.find(about.fetch("project")))
        end

        private

        def look(project)
          units = project.units.includes(unit_fabrics: :fabric).first(MOST_UNITS)
          { "missing" => OakenGauge.missing_tools(units.map { |unit| { "name" => unit.label, "question" => unit.weigh_document } }) }
        end

        def soon?(project)
          [project.units.count, MOST_UNITS].min * project.drawer.size <= SOON
        end
      end
    end
  end
end
